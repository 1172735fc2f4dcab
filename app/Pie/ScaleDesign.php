<?php

declare(strict_types=1);

namespace App\Pie;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class ScaleDesign
{
    #[OA\Post(path: '/kitchens/{kitchen}/scale', operationId: 'scaleDesign', summary: 'More or less of the same design; nothing is stored.', tags: ['Pie'], requestBody: new Body('Scale'), responses: [
        new Answer(200, 'The design, scaled', 'PieDesign'),
        new Answer(401, 'Not signed in', 'Problem'),
        new Answer(404, 'Not your kitchen', 'Problem'),
        new Answer(422, 'The design or the wish is refused', 'Problem'),
    ])]
    #[InPath]
    public function __invoke(ScaleRequest $request): JsonResponse
    {
        return new JsonResponse($request->scaled()->toArray());
    }
}

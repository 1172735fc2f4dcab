<?php

declare(strict_types=1);

namespace App\Pie;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class PrepareLayer
{
    #[OA\Post(path: '/kitchens/{kitchen}/preparations', operationId: 'prepareLayer', summary: 'One more step for a solid, or the weight to stop at; nothing is stored.', tags: ['Pie'], requestBody: new Body('Prepare'), responses: [
        new Answer(200, 'The design with it', 'PieDesign'),
        new Answer(401, 'Not signed in', 'Problem'),
        new Answer(404, 'Not your kitchen', 'Problem'),
        new Answer(422, 'The design, the layer or the wish is refused', 'Problem'),
    ])]
    #[InPath]
    public function __invoke(PrepareRequest $request): JsonResponse
    {
        return new JsonResponse($request->prepared()->toArray());
    }
}

<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Contract\Json;
use Hojaldre\Core\Pie\Pie;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ScaleDesign
{
    #[OA\Post(path: '/kitchens/{kitchen}/scale', operationId: 'scaleDesign', summary: 'More or less of the same design; nothing is stored.', tags: ['Advice'], requestBody: new Body(ScaleWish::class), responses: [
        new Answer(200, 'The design, scaled', Pie::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'The design or the wish is refused'),
    ])]
    #[InPath]
    public function __invoke(Request $request): JsonResponse
    {
        return Json::response(Body::read($request, ScaleWish::class)->scaled());
    }
}

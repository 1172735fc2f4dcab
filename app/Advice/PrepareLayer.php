<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\InKitchen;
use App\Record\AcceptedYields;
use Hojaldre\Core\Pie\Pie;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class PrepareLayer
{
    #[OA\Post(path: '/kitchens/{kitchen}/preparations', operationId: 'prepareLayer', summary: 'One more step for a solid, or the weight to stop at; nothing is stored.', tags: ['Advice'], requestBody: new Body(PrepareWish::class), responses: [
        new Answer(200, 'The design with it', Pie::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'The design, the layer or the wish is refused'),
    ])]
    #[InPath]
    public function __invoke(Request $request): JsonResponse
    {
        $wish = Body::read($request, PrepareWish::class);

        return Json::response(AcceptedYields::in(InKitchen::of($request), $wish->design, $wish->prepared()));
    }
}

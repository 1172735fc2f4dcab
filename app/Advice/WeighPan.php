<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\User;
use Hojaldre\Core\Pie\Pie;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class WeighPan
{
    #[OA\Post(path: '/kitchens/{kitchen}/pans', operationId: 'weighPan', summary: 'Several layers that were cooked in one pan, weighed together; nothing is stored.', tags: ['Advice'], requestBody: new Body(PanWish::class), responses: [
        new Answer(200, 'The design with it', Pie::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'The design, the layers or the weight is refused'),
    ])]
    #[InPath]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        return Json::response(Body::read($request, PanWish::class)->weighed($user->cookUnits()));
    }
}

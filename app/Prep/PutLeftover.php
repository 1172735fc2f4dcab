<?php

declare(strict_types=1);

namespace App\Prep;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use App\People\Deed;
use App\People\KitchenAct;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class PutLeftover
{
    #[OA\Post(path: '/kitchens/{kitchen}/leftovers', operationId: 'putLeftover', summary: 'Put away what is left over; its use-by follows the safety rules.', tags: ['Prep'], requestBody: new Body(LeftoverWish::class), responses: [
        new Answer(200, 'Put away', LeftoverAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'It is not kept so'),
    ])]
    #[InPath]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $here = InKitchen::of($request);
        $one = KitchenLeftover::put($here, Body::read($request, LeftoverWish::class), $user->name);
        KitchenAct::note($here, $user->name, Deed::LeftoverKept, $one->name, $one->use_by->toDateString());

        return Json::response(LeftoverAnswer::of($one, $user->words()));
    }
}

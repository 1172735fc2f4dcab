<?php

declare(strict_types=1);

namespace App\AtOven;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class BeginBakes
{
    #[OA\Post(path: '/kitchens/{kitchen}/bakes', operationId: 'beginBakes', summary: 'Put pies down for the oven: one from the bench, or all of a day. A bake whose id is there already is left as it is.', tags: ['AtOven'], requestBody: new Body(BakesWish::class), responses: [
        new Answer(201, 'Their ids', BakeIds::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'Something in it is refused'),
    ])]
    #[InPath]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $here = InKitchen::of($request);
        $ids = [];
        foreach (Body::read($request, BakesWish::class)->bakes as $index => $wish) {
            $there = $wish->id === null ? null : StoredBake::of($here)->find($wish->id);
            $ids[] = ($there ?? BegunBake::put($here, $user, $wish, "/bakes/$index"))->id;
        }

        return Json::response(new BakeIds($ids), 201);
    }
}

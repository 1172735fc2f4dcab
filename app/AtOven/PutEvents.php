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

final class PutEvents
{
    #[OA\Post(path: '/kitchens/{kitchen}/bakes/{bake}/events', operationId: 'putBakeEvents', summary: 'What was pressed at the oven, in order. An event that is there already is not stored again. All of them are stored, or none.', tags: ['AtOven'], requestBody: new Body(EventsWish::class), responses: [
        new Answer(200, 'How many were new', EventsTaken::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not in your kitchen'),
        new Answer(422, 'Something in it is refused'),
    ])]
    #[InPath]
    #[InPath('bake')]
    public function __invoke(Request $request, #[CurrentUser] User $user, string $kitchen, string $bake): JsonResponse
    {
        $stored = StoredBake::inKitchen(InKitchen::of($request), $bake);

        return Json::response(new EventsTaken(TakenEvents::put($stored, Body::read($request, EventsWish::class)->events, $user->name)));
    }
}

<?php

declare(strict_types=1);

namespace App\People;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class HandOver
{
    #[OA\Put(path: '/kitchens/{kitchen}/owner', operationId: 'handOver', summary: 'Hand the kitchen over to another member; whoever had it stays as a cook.', tags: ['People'], requestBody: new Body(NewOwner::class), responses: [
        new Answer(200, 'Who cooks here now', PeopleAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Only the owner may'),
        new Answer(404, 'Not in your kitchen'),
        new Answer(422, 'Already the owner'),
    ])]
    #[InPath]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $here = InKitchen::of($request);
        $one = Members::of($here)->handOver($user, Body::read($request, NewOwner::class)->member);
        KitchenAct::note($here, $user->name, Deed::HandedOver, $one->name);

        return PeopleAnswer::of($here->asSeenBy($user), $user);
    }
}

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

final class InvitePerson
{
    #[OA\Post(path: '/kitchens/{kitchen}/invites', operationId: 'invitePerson', summary: 'Make a link that lets one person in, once, within seven days.', tags: ['People'], requestBody: new Body(InviteWish::class), responses: [
        new Answer(201, 'The people, and the word of the new link', PeopleAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Only the owner may'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'Not filled in'),
    ])]
    #[InPath]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $kitchen = InKitchen::of($request);
        $wish = Body::read($request, InviteWish::class);
        [, $link] = KitchenInvite::write($kitchen, $user->name, $wish->forWhom, $wish->role);
        KitchenAct::note($kitchen, $user->name, Deed::Invited, $wish->forWhom, $wish->role->value);

        return PeopleAnswer::of($kitchen, $user, $link)->setStatusCode(201);
    }
}

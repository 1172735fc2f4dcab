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

final class ChangeRole
{
    #[OA\Put(path: '/kitchens/{kitchen}/members/{member}/role', operationId: 'changeRole', summary: 'Say what a member may do.', tags: ['People'], requestBody: new Body(RoleWish::class), responses: [
        new Answer(200, 'Who cooks here now', PeopleAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Only the owner may'),
        new Answer(404, 'Not in your kitchen'),
        new Answer(422, 'Not that role'),
    ])]
    #[InPath]
    #[InPath('member', 'integer', null)]
    public function __invoke(Request $request, #[CurrentUser] User $user, string $kitchen, string $member): JsonResponse
    {
        $here = InKitchen::of($request);
        $role = Body::read($request, RoleWish::class)->role;
        $one = Members::of($here)->give((int) $member, $role);
        KitchenAct::note($here, $user->name, Deed::RoleChanged, $one->name, $role->value);

        return PeopleAnswer::of($here, $user);
    }
}

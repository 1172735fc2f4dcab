<?php

declare(strict_types=1);

namespace App\People;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class RemoveMember
{
    #[OA\Delete(path: '/kitchens/{kitchen}/members/{member}', operationId: 'removeMember', summary: 'Let somebody in no more; what they did stays.', tags: ['People'], responses: [
        new Answer(200, 'Who cooks here now', PeopleAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Only the owner may'),
        new Answer(404, 'Not in your kitchen'),
        new Answer(422, 'The only owner stays'),
    ])]
    #[InPath]
    #[InPath('member', 'integer', null)]
    public function __invoke(Request $request, #[CurrentUser] User $user, string $kitchen, string $member): JsonResponse
    {
        $here = InKitchen::of($request);
        $one = Members::of($here)->letGo((int) $member);
        KitchenAct::note($here, $user->name, Deed::MemberRemoved, $one->name);

        return PeopleAnswer::of($here, $user);
    }
}

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

final class WithdrawInvite
{
    #[OA\Delete(path: '/kitchens/{kitchen}/invites/{invite}', operationId: 'withdrawInvite', summary: 'Make a link worthless.', tags: ['People'], responses: [
        new Answer(200, 'Who cooks here now', PeopleAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Only the owner may'),
        new Answer(404, 'Not in your kitchen'),
    ])]
    #[InPath]
    #[InPath('invite')]
    public function __invoke(Request $request, #[CurrentUser] User $user, string $kitchen, string $invite): JsonResponse
    {
        $here = InKitchen::of($request);
        $open = KitchenInvite::query()->where('kitchen_id', $here->id)->where('id', $invite)->whereNull('used_at')->first();
        if ($open !== null) {
            KitchenInvite::query()->where('kitchen_id', $here->id)->where('id', $invite)->delete();
            KitchenAct::note($here, $user->name, Deed::InviteWithdrawn, $open->for_whom);
        }

        return PeopleAnswer::of($here, $user);
    }
}

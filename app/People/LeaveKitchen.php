<?php

declare(strict_types=1);

namespace App\People;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Kitchen\InKitchen;
use App\Kitchen\SessionAnswer;
use App\Kitchen\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;

final class LeaveKitchen
{
    #[OA\Delete(path: '/kitchens/{kitchen}/membership', operationId: 'leaveKitchen', summary: 'Leave a kitchen; its only owner hands it over first.', tags: ['People'], responses: [
        new Answer(200, 'The session', SessionAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'The only owner stays'),
    ])]
    #[InPath]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $here = InKitchen::of($request);
        DB::transaction(static function () use ($here, $user): void {
            Members::of($here)->letGo($user->id);
            KitchenAct::note($here, $user->name, Deed::MemberLeft);
        });

        return SessionAnswer::of($request);
    }
}

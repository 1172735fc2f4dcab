<?php

declare(strict_types=1);

namespace App\People;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Kitchen\SessionAnswer;
use App\Kitchen\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;

final class JoinAsMember
{
    #[OA\Put(path: '/invitations/{token}', operationId: 'joinAsMember', summary: 'Come in by an invitation, as who is signed in.', tags: ['People'], responses: [
        new Answer(200, 'The session', SessionAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Used, withdrawn, run out or never made'),
        new Answer(422, 'In this kitchen already'),
    ])]
    #[InPath('token', format: null)]
    public function __invoke(Request $request, #[CurrentUser] User $user, string $token): JsonResponse
    {
        DB::transaction(static function () use ($user, $token): void {
            $invite = KitchenInvite::open($token);
            Members::of($invite->kitchen())->take($user, $invite);
        });

        return SessionAnswer::of($request);
    }
}

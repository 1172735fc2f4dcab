<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Answer;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class SignOutEverywhere
{
    #[OA\Delete(path: '/sessions', operationId: 'signOutEverywhere', summary: 'Sign out on every other device.', tags: ['Kitchen'], responses: [
        new Answer(200, 'The session', SessionAnswer::class),
        new Answer(401, 'Not signed in'),
    ])]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        SameDoor::shut($user, $request);

        return SessionAnswer::of($request);
    }
}

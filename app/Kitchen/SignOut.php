<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Answer;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use OpenApi\Attributes as OA;

final class SignOut
{
    #[OA\Delete(path: '/session', operationId: 'signOut', summary: 'Sign out.', tags: ['Kitchen'], responses: [
        new Answer(200, 'Signed out', SessionAnswer::class),
        new Answer(401, 'Nobody was signed in'),
    ])]
    public function __invoke(Request $request): JsonResponse
    {
        Auth::guard('web')->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return SessionAnswer::of($request);
    }
}

<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Answer;
use App\Contract\Body;
use App\Problem\Problem;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;
use OpenApi\Attributes as OA;

final class ChoosePassword
{
    #[OA\Put(path: '/session/password', operationId: 'choosePassword', summary: 'Another password; every other device is signed out.', tags: ['Kitchen'], requestBody: new Body(PasswordWish::class), responses: [
        new Answer(200, 'The session', SessionAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(422, 'The old one is wrong, or the new one too short'),
        new Answer(429, 'Too many tries'),
    ])]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $wish = Body::read($request, PasswordWish::class);
        $key = 'password|'.$user->id;
        if (RateLimiter::tooManyAttempts($key, SignIn::TRIES)) {
            throw Problem::tooMany(RateLimiter::availableIn($key));
        }
        if (! Hash::check($wish->now, $user->password)) {
            RateLimiter::hit($key);
            throw Problem::refused('password-is-another', '/now');
        }
        RateLimiter::clear($key);
        $user->update(['password' => $wish->wanted]);
        SameDoor::shut($user, $request);

        return SessionAnswer::of($request);
    }
}

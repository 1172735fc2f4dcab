<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Answer;
use App\Contract\Body;
use App\Problem\Problem;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use OpenApi\Attributes as OA;

final class SignIn
{
    private const TRIES = 6;

    #[OA\Post(path: '/session', operationId: 'signIn', summary: 'Sign in. Six wrong tries a minute, then a wait.', tags: ['Kitchen'], requestBody: new Body('SignIn'), responses: [
        new Answer(200, 'Signed in', 'Session'),
        new Answer(419, 'The token is stale: fetch the session again', 'Problem'),
        new Answer(422, 'Wrong, or not filled in', 'Problem'),
        new Answer(429, 'Too many tries', 'Problem'),
    ])]
    public function __invoke(SignInRequest $request): JsonResponse
    {
        if (RateLimiter::tooManyAttempts($request->throttleKey(), self::TRIES)) {
            throw Problem::tooMany(RateLimiter::availableIn($request->throttleKey()));
        }
        $credentials = ['email' => mb_strtolower($request->string('email')->toString()), 'password' => $request->string('password')->toString()];
        if (! Auth::attempt($credentials)) {
            RateLimiter::hit($request->throttleKey());
            throw Problem::refused('sign-in-wrong', '/password', 'E-mail and password do not fit together. Check both; capitals count in the password.');
        }
        RateLimiter::clear($request->throttleKey());
        $request->session()->regenerate();

        return SessionResource::of($request);
    }
}

<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Answer;
use App\Contract\Body;
use App\Problem\Problem;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use OpenApi\Attributes as OA;

final class SignIn
{
    public const TRIES = 6;

    #[OA\Post(path: '/session', operationId: 'signIn', summary: 'Sign in. Six wrong tries a minute, then a wait.', tags: ['Kitchen'], requestBody: new Body(Credentials::class), responses: [
        new Answer(200, 'Signed in', SessionAnswer::class),
        new Answer(419, 'The token is stale: fetch the session again'),
        new Answer(422, 'Wrong, or not filled in'),
        new Answer(429, 'Too many tries'),
    ])]
    public function __invoke(Request $request): JsonResponse
    {
        $credentials = Body::read($request, Credentials::class);
        $key = 'sign-in|'.$credentials->address().'|'.$request->ip();
        if (RateLimiter::tooManyAttempts($key, self::TRIES)) {
            throw Problem::tooMany(RateLimiter::availableIn($key));
        }
        if (! Auth::attempt(['email' => $credentials->address(), 'password' => $credentials->password])) {
            RateLimiter::hit($key);
            throw Problem::refused('sign-in-wrong', '/password');
        }
        RateLimiter::clear($key);
        $request->session()->regenerate();

        return SessionAnswer::of($request);
    }
}

<?php

declare(strict_types=1);

namespace App\Problem;

use Hojaldre\Core\Refusal\Refusal;
use Hojaldre\Core\Refusal\Refused;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\JsonResponse;
use Illuminate\Session\TokenMismatchException;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** Turns whatever was thrown into problem+json, so that no client ever has to read anything else. */
final class ProblemResponse
{
    public static function for(Throwable $thrown): JsonResponse
    {
        $problem = self::problem($thrown);
        $headers = ['Content-Type' => 'application/problem+json'];
        if (isset($problem->more['retryAfterSeconds']) && is_int($problem->more['retryAfterSeconds'])) {
            $headers['Retry-After'] = (string) $problem->more['retryAfterSeconds'];
        }

        return new JsonResponse($problem->toArray(), $problem->status, $headers, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE);
    }

    private static function problem(Throwable $thrown): Problem
    {
        return match (true) {
            $thrown instanceof Problem => $thrown,
            $thrown instanceof Refused => Problem::refusals($thrown->refusals),
            $thrown instanceof ValidationException => self::validation($thrown),
            $thrown instanceof AuthenticationException => Problem::notSignedIn(),
            $thrown instanceof TokenMismatchException => Problem::staleToken(),
            $thrown instanceof PostTooLargeException => Problem::tooLarge(),
            $thrown instanceof HttpExceptionInterface => self::http($thrown->getStatusCode()),
            default => Problem::fault(),
        };
    }

    private static function http(int $status): Problem
    {
        return match ($status) {
            404 => Problem::notFound('There is nothing at this address. Go back to your pies.'),
            405 => Problem::wrongMethod(),
            413 => Problem::tooLarge(),
            419 => Problem::staleToken(),
            429 => Problem::tooMany(60),
            default => Problem::fault(),
        };
    }

    private static function validation(ValidationException $thrown): Problem
    {
        $refusals = [];
        foreach ($thrown->validator->errors()->messages() as $field => $messages) {
            $refusals[] = new Refusal('not-filled-in', '/'.str_replace('.', '/', (string) $field), $messages[0] ?? 'Fill this in.');
        }

        return $refusals === [] ? Problem::fault() : Problem::refusals($refusals);
    }
}

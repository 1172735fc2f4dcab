<?php

declare(strict_types=1);

namespace App\Problem;

use App\Contract\Json;
use App\Wording\Words;
use Hojaldre\Core\Refusal\Refused;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\JsonResponse;
use Illuminate\Session\TokenMismatchException;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** Turns whatever was thrown into problem+json, so that no client ever has to read anything else. */
final class ProblemResponse
{
    public static function for(Throwable $thrown, Words $words = new Words): JsonResponse
    {
        $problem = self::problem($thrown);
        $headers = ['Content-Type' => 'application/problem+json'];
        if ($problem->retryAfterSeconds !== null) {
            $headers['Retry-After'] = (string) $problem->retryAfterSeconds;
        }

        return new JsonResponse(Json::value($problem->answer($words)), $problem->status, $headers, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE);
    }

    private static function problem(Throwable $thrown): Problem
    {
        return match (true) {
            $thrown instanceof Problem => $thrown,
            $thrown instanceof Refused => Problem::refusals($thrown->refusals),
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
}

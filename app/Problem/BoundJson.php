<?php

declare(strict_types=1);

namespace App\Problem;

use Closure;
use Hojaldre\Core\PieFile\JsonBounds;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Before anything decodes a body: one that is too large, or made to make a decoder slow, is refused by its letters alone. Photos and archives are not decoded; they bound themselves. */
final class BoundJson
{
    private const FILES = ['api/kitchens/*/archive', 'api/kitchens/*/bakes/*/photos'];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->is(self::FILES)) {
            return $next($request);
        }
        if ((int) $request->headers->get('Content-Length', '0') > JsonBounds::MOST_BYTES) {
            throw Problem::tooLarge();
        }
        $body = $request->getContent();
        if (strlen($body) > JsonBounds::MOST_BYTES) {
            throw Problem::tooLarge();
        }
        if (! JsonBounds::holds($body)) {
            throw Problem::tooManyKeys();
        }

        return $next($request);
    }
}

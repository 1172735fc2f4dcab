<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Problem\Problem;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response;

/**
 * Lets in members of the kitchen named in the address, and nobody else: to others it does not exist. Everything
 * below asks for its rows through the kitchen given here.
 */
final class InKitchen
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $id = $request->route('kitchen');
        $user = $request->user();
        $kitchen = $user instanceof User && is_string($id) && Str::isUuid($id) ? $user->kitchens()->find($id) : null;
        if (! $kitchen instanceof Kitchen) {
            throw Problem::notFound('There is no such kitchen among yours. Go back to your pies.');
        }
        $request->attributes->set(self::class, $kitchen);

        return $next($request);
    }

    public static function of(Request $request): Kitchen
    {
        $kitchen = $request->attributes->get(self::class);
        assert($kitchen instanceof Kitchen);

        return $kitchen;
    }
}

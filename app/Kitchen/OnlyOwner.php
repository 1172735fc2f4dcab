<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Problem\Problem;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Stops everybody but the owner of the kitchen. */
final class OnlyOwner
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (InKitchen::of($request)->roleOfMember() !== Role::Owner) {
            throw Problem::forbidden('Only the owner of this kitchen may do that. Ask them.');
        }

        return $next($request);
    }
}

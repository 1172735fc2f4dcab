<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Problem\Problem;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Stops guests of the kitchen before anything is stored. */
final class MayWrite
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (! InKitchen::of($request)->roleOfMember()->mayWrite()) {
            throw Problem::forbidden('You are a guest in this kitchen: you can look and try out, not save. Ask its owner to make you a cook.');
        }

        return $next($request);
    }
}

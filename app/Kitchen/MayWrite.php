<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Problem\Problem;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/** Stops guests of the kitchen before anything is stored. What is stored and who did it are stored together, or neither. */
final class MayWrite
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (! InKitchen::of($request)->roleOfMember()->mayWrite()) {
            throw Problem::forbidden('You are a guest in this kitchen: you can look and try out, not save. Ask its owner to make you a cook.');
        }

        DB::beginTransaction();
        try {
            $response = $next($request);
            $response->isSuccessful() ? DB::commit() : DB::rollBack();

            return $response;
        } catch (Throwable $thrown) {
            DB::rollBack();
            throw $thrown;
        }
    }
}

<?php

declare(strict_types=1);

namespace App\Kitchen;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/**
 * A session holds as long as the door it came in by: "sign out everywhere" and a new password change the door, and every
 * other session of that person is over with its next question.
 */
final class SameDoor
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        if ($user instanceof User) {
            $cameBy = $request->session()->get(self::class);
            if ($cameBy !== null && $cameBy !== $user->door) {
                Auth::logout();
                $request->session()->invalidate();
                $request->session()->regenerateToken();
            }
        }
        $response = $next($request);
        $signedIn = $request->user();
        if ($signedIn instanceof User && $request->hasSession()) {
            $request->session()->put(self::class, $signedIn->door);
        }

        return $response;
    }

    /** All but the device that asks are signed out. */
    public static function shut(User $user, Request $request): void
    {
        $user->increment('door');
        $request->session()->regenerate();
    }
}

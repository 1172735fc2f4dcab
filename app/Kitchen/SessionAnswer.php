<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Json;
use App\Contract\Schema;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Who is signed in, and where they cook. */
#[Schema('Session')]
final readonly class SessionAnswer
{
    /**
     * @param  string  $csrfToken  to be sent back in X-CSRF-TOKEN with every write; changes at sign-in and sign-out
     * @param  SessionUser|null  $user  null when nobody is signed in
     * @param  list<SessionKitchen>  $kitchens
     */
    private function __construct(public string $csrfToken, public ?SessionUser $user, public array $kitchens)
    {
    }

    public static function of(Request $request): JsonResponse
    {
        $user = $request->user();

        return Json::response($user instanceof User
            ? new self($request->session()->token(), SessionUser::of($user), array_values($user->kitchens->map(SessionKitchen::of(...))->all()))
            : new self($request->session()->token(), null, []));
    }
}

<?php

declare(strict_types=1);

namespace App\People;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Kitchen\SessionAnswer;
use App\Kitchen\User;
use App\Problem\Problem;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;

final class JoinAsNewcomer
{
    #[OA\Post(path: '/invitations/{token}', operationId: 'joinAsNewcomer', summary: 'Come in by an invitation, for the first time.', tags: ['People'], requestBody: new Body(Newcomer::class), responses: [
        new Answer(201, 'Signed in', SessionAnswer::class),
        new Answer(404, 'Used, withdrawn, run out or never made'),
        new Answer(419, 'The token is stale: fetch the session again'),
        new Answer(422, 'Not filled in, or somebody signs in with that address'),
    ])]
    #[InPath('token', format: null)]
    public function __invoke(Request $request, string $token): JsonResponse
    {
        $new = Body::read($request, Newcomer::class);
        $user = DB::transaction(static function () use ($new, $token): User {
            $invite = KitchenInvite::open($token);
            $email = mb_strtolower($new->email);
            if (User::query()->where('email', $email)->exists()) {
                throw Problem::refused('email-is-taken', '/email');
            }
            $user = User::query()->create(['name' => $new->name, 'email' => $email, 'password' => $new->password]);
            Members::of($invite->kitchen())->take($user, $invite);

            return $user;
        });
        Auth::login($user);
        $request->session()->regenerate();

        return SessionAnswer::of($request)->setStatusCode(201);
    }
}

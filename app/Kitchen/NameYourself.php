<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Answer;
use App\Contract\Body;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class NameYourself
{
    #[OA\Put(path: '/session/name', operationId: 'nameYourself', summary: 'How one is called in the kitchen.', tags: ['Kitchen'], requestBody: new Body(OwnName::class), responses: [
        new Answer(200, 'The session', SessionAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(422, 'Not a name'),
    ])]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $user->update(['name' => Body::read($request, OwnName::class)->name]);

        return SessionAnswer::of($request);
    }
}

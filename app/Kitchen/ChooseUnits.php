<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Answer;
use App\Contract\Body;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/** A cook's own units, remembered with the person: the same on every device, whoever's kitchen it is. */
final class ChooseUnits
{
    #[OA\Put(path: '/session/units', operationId: 'chooseUnits', summary: 'Which cup, spoons, eggs and oven scale one means.', tags: ['Kitchen'], requestBody: new Body(Units::class), responses: [
        new Answer(200, 'The session', SessionAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(422, 'Not one of those'),
    ])]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $units = Body::read($request, Units::class);
        $user->update(['volumes' => $units->volumes, 'temperatures' => $units->temperatures, 'eggs' => $units->eggs]);

        return SessionAnswer::of($request);
    }
}

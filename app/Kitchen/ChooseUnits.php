<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Answer;
use App\Contract\Body;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** A cook's own units, remembered with the person: the same on every device, whoever's kitchen it is. */
final class ChooseUnits
{
    #[OA\Put(path: '/session/units', operationId: 'chooseUnits', summary: 'Which cup, spoons, eggs and oven scale one means.', tags: ['Kitchen'], requestBody: new Body('Units'), responses: [
        new Answer(200, 'The session', 'Session'),
        new Answer(401, 'Not signed in', 'Problem'),
        new Answer(422, 'Not one of those', 'Problem'),
    ])]
    public function __invoke(ChooseUnitsRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        $user->update(['volumes' => $request->string('volumes')->toString(), 'temperatures' => $request->string('temperatures')->toString(), 'eggs' => $request->string('eggs')->toString()]);

        return SessionResource::of($request);
    }
}

<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use App\People\Deed;
use App\People\KitchenAct;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class SaveDay
{
    #[OA\Put(path: '/kitchens/{kitchen}/days/{day}', operationId: 'saveDay', summary: 'Add a revision to the one it was based on.', tags: ['Day'], requestBody: new Body(DayToSave::class), responses: [
        new Answer(200, 'The day', DayAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not in your kitchen'),
        new Answer(409, 'It was saved meanwhile; nothing was overwritten'),
        new Answer(422, 'Something in it is refused'),
    ])]
    #[InPath]
    #[InPath('day')]
    public function __invoke(Request $request, #[CurrentUser] User $user, string $kitchen, string $day): JsonResponse
    {
        $here = InKitchen::of($request);
        $stored = StoredDay::inKitchen($here, $day);
        $put = DayBatch::checked($here, Body::read($request, DayToSave::class));
        PlannedDay::designs($here, $put->day);
        $saved = $stored->saveOn($user, $put);
        KitchenAct::note($here, $user->name, Deed::DaySaved, $saved->name);

        return DayAnswer::of($here, $saved);
    }
}

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

final class CreateDay
{
    #[OA\Post(path: '/kitchens/{kitchen}/days', operationId: 'createDay', summary: 'Put down a new day.', tags: ['Day'], requestBody: new Body(DayToSave::class), responses: [
        new Answer(200, 'The day', DayAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'Something in it is refused'),
    ])]
    #[InPath]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $here = InKitchen::of($request);
        $put = DayBatch::checked($here, Body::read($request, DayToSave::class));
        PlannedDay::designs($here, $put->day);
        $stored = StoredDay::putDown($here, $user, $put);
        KitchenAct::note($here, $user->name, Deed::DayPutDown, $put->day->name);

        return DayAnswer::of($here, $stored);
    }
}

<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Contract\Ok;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use App\People\Deed;
use App\People\KitchenAct;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class CloseCalendar
{
    #[OA\Delete(path: '/kitchens/{kitchen}/days/{day}/calendar', operationId: 'closeCalendar', summary: 'Withdraw the address: whoever has it is let in no more.', tags: ['Day'], responses: [
        new Answer(200, 'Closed, or never open', Ok::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not in your kitchen'),
    ])]
    #[InPath]
    #[InPath('day')]
    public function __invoke(Request $request, #[CurrentUser] User $user, string $kitchen, string $day): JsonResponse
    {
        $here = InKitchen::of($request);
        $stored = StoredDay::inKitchen($here, $day);
        $stored->fill(['calendar_hash' => null])->save();
        KitchenAct::note($here, $user->name, Deed::CalendarClosed, $stored->name);

        return new JsonResponse(new Ok);
    }
}

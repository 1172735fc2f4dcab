<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use App\People\Deed;
use App\People\KitchenAct;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class OpenCalendar
{
    #[OA\Post(path: '/kitchens/{kitchen}/days/{day}/calendar', operationId: 'openCalendar', summary: 'A new secret address that calendars can subscribe to. The one before it is closed.', tags: ['Day'], responses: [
        new Answer(200, 'The address, told once', CalendarAnswer::class),
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
        $answer = new CalendarAnswer($request->getSchemeAndHttpHost().'/api/calendar/'.$stored->openCalendar().'.ics');
        KitchenAct::note($here, $user->name, Deed::CalendarOpened, $stored->name);

        return Json::response($answer);
    }
}

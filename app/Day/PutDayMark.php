<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class PutDayMark
{
    #[OA\Put(path: '/kitchens/{kitchen}/days/{day}/marks', operationId: 'putDayMark', summary: 'Say that a task runs or is done, or take that back. How long it took is kept as evidence of the minutes that this kitchen takes.', tags: ['Day'], requestBody: new Body(DayMarkWish::class), responses: [
        new Answer(200, 'All marks of the day', DayMarkList::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not in your kitchen'),
        new Answer(422, 'Something in it is refused'),
    ])]
    #[InPath]
    #[InPath('day')]
    public function __invoke(Request $request, #[CurrentUser] User $user, string $kitchen, string $day): JsonResponse
    {
        $stored = StoredDay::inKitchen(InKitchen::of($request), $day);
        DayMark::put($stored, Body::read($request, DayMarkWish::class), $user->name);

        return Json::response(DayMarkList::of($stored));
    }
}

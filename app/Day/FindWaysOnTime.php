<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use Hojaldre\Core\Day\Plan\WayOnTime;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class FindWaysOnTime
{
    #[OA\Post(path: '/kitchens/{kitchen}/day-ways', operationId: 'findWaysOnTime', summary: 'Changes that would have a late day in time, each planned to prove it.', tags: ['Day'], requestBody: new Body(PlanWish::class), responses: [
        new Answer(200, 'The ways, cheapest first', WaysOnTimeAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'Something in it is refused'),
    ])]
    #[InPath]
    public function __invoke(Request $request): JsonResponse
    {
        $words = User::wordsOf($request);
        $wish = Body::read($request, PlanWish::class);

        return Json::response(new WaysOnTimeAnswer(array_map(static fn (WayOnTime $one): WayOnTimeAnswer => new WayOnTimeAnswer($words->say($one->act), $one->lateMinutes, $one->day), PlannedDay::ways(InKitchen::of($request), $wish))));
    }
}

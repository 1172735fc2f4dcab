<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class PlanDay
{
    #[OA\Post(path: '/kitchens/{kitchen}/day-plan', operationId: 'planDay', summary: 'Plan a day, the whole of it or from now.', tags: ['Day'], requestBody: new Body(PlanWish::class), responses: [
        new Answer(200, 'The plan', DayPlanAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'Something in it is refused'),
    ])]
    #[InPath]
    public function __invoke(Request $request): JsonResponse
    {
        $wish = Body::read($request, PlanWish::class);

        return Json::response(DayPlanAnswer::of(PlannedDay::of(InKitchen::of($request), $wish), $wish->why, User::wordsOf($request)));
    }
}

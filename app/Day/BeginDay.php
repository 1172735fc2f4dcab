<?php

declare(strict_types=1);

namespace App\Day;

use App\Batch\StoredBatch;
use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\InKitchen;
use Hojaldre\Core\Batch\BatchLine;
use Hojaldre\Core\Day\Day;
use Hojaldre\Core\Day\Ending;
use Hojaldre\Core\Day\Order;
use Hojaldre\Core\Day\OrderFrom;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class BeginDay
{
    #[OA\Post(path: '/kitchens/{kitchen}/day-beginning', operationId: 'beginDay', summary: 'A day to begin from: the pies of a batch or one pie, with the hands and ovens of the day before.', tags: ['Day'], requestBody: new Body(BeginDayWish::class), responses: [
        new Answer(200, 'The day, not stored', DayBegunAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'Something in it is refused'),
    ])]
    #[InPath]
    public function __invoke(Request $request): JsonResponse
    {
        $here = InKitchen::of($request);
        $wish = Body::read($request, BeginDayWish::class);
        $batch = $wish->batch === null ? null : StoredBatch::inKitchen($here, $wish->batch)->document();
        $wanted = [
            ...array_map(static fn (BatchLine $line): array => [$line->pie, $line->count], $batch->lines ?? []),
            ...($wish->pie === null ? [] : [[$wish->pie, $wish->count]]),
        ];
        $orders = array_map(static fn (array $one, int $at): Order => new Order('o'.($at + 1), $one[0], $one[1], $wish->atMinute, OrderFrom::Scratch, Ending::Warm, null), $wanted, array_keys($wanted));
        $day = new Day($batch->name ?? 'A pie', $wish->date, $orders, $wish->batch === null && $wish->pie !== null ? UsualKitchen::forOnePie($here) : UsualKitchen::of($here), Day::USUAL_SPARE_MINUTES, [], []);
        PlannedDay::designs($here, $day);
        $pies = DayAnswer::pies($here, $day);

        return Json::response(new DayBegunAnswer($batch === null && $pies !== [] ? new Day($pies[0]->name, $wish->date, $orders, $day->kitchen, $day->spareMinutes, [], []) : $day, $pies));
    }
}

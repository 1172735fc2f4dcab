<?php

declare(strict_types=1);

namespace App\AtOven;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\InKitchen;
use Hojaldre\Core\AtOven\TraceTable;
use Hojaldre\Core\Refusal\Refused;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class BringTrace
{
    #[OA\Post(path: '/kitchens/{kitchen}/bakes/{bake}/trace', operationId: 'bringTrace', summary: 'A trace of any thermometer, as a CSV file, into a bake.', tags: ['AtOven'], requestBody: new Body(TraceWish::class), responses: [
        new Answer(200, 'How much of it was taken', TraceTaken::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not in your kitchen'),
        new Answer(422, 'Something in it is refused'),
    ])]
    #[InPath]
    #[InPath('bake')]
    public function __invoke(Request $request, string $kitchen, string $bake): JsonResponse
    {
        $stored = StoredBake::inKitchen(InKitchen::of($request), $bake);
        $wish = Body::read($request, TraceWish::class);
        $in = $stored->in_at ?? throw Refused::because('not-in-yet', '');
        $inSeconds = $in->getTimestampMs() / 1000;
        $table = TraceTable::read($wish->csv, $inSeconds, 60.0 * $wish->zoneMinutes);
        $new = 0;
        foreach (array_chunk($table->readings, 1000) as $some) {
            $new += StoredReading::put($stored, array_map(static fn (array $one): ReadingWish => new ReadingWish((int) round(1000 * ($inSeconds + 60 * $one[0])), max(-1000.0, min(10000.0, $one[1]))), $some));
        }

        return Json::response(new TraceTaken($new, $table->leftOut));
    }
}

<?php

declare(strict_types=1);

namespace App\Pie;

use App\AtOven\StoredBake;
use App\Contract\Json;
use App\Contract\Schema;
use App\Forecast\ForecastAnswer;
use App\Wording\Words;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Pie\Pie;
use Illuminate\Http\JsonResponse;

/** A pie with its design and what it will do. */
#[Schema('Pie')]
final readonly class PieAnswer
{
    /**
     * @param  string  $id  uuid
     * @param  string  $nextTime  what its last bake left to be thought of; empty where nothing
     */
    private function __construct(public string $id, public bool $archived, public RevisionAnswer $revision, public Pie $design, public ForecastAnswer $forecast, public string $nextTime)
    {
    }

    public static function of(StoredPie $stored, PieRevision $revision, Words $words, int $status = 200): JsonResponse
    {
        $pie = $revision->pie();

        return Json::response(new self($stored->id, $stored->archived_at !== null, RevisionAnswer::of($revision), $pie, ForecastAnswer::of(Forecast::of($pie), $words), StoredBake::nextTimeOf($stored->kitchen_id, $stored->id)), $status);
    }
}

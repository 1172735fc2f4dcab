<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Json;
use App\Contract\Schema;
use App\Kitchen\Kitchen;
use App\Pie\PieRevision;
use Hojaldre\Core\Day\Day;
use Illuminate\Http\JsonResponse;

/** A day with what its pies are called. */
#[Schema('StoredDay')]
final readonly class DayAnswer
{
    /**
     * @param  string  $id  uuid
     * @param  string|null  $batch  uuid of the batch that it bakes
     * @param  string  $savedAt  date and time, ISO 8601
     * @param  list<DayPieAnswer>  $pies
     * @param  bool  $hasCalendar  an address is open that calendars ask
     */
    private function __construct(
        public string $id,
        public int $revision,
        public ?string $batch,
        public string $savedBy,
        public string $savedAt,
        public Day $day,
        public array $pies,
        public bool $hasCalendar,
    ) {
    }

    public static function of(Kitchen $kitchen, StoredDay $stored): JsonResponse
    {
        $day = $stored->newest()->document();

        return Json::response(new self($stored->id, $stored->revision, $stored->batch_id, $stored->saved_by, $stored->updated_at->toIso8601String(), $day, self::pies($kitchen, $day), $stored->calendar_hash !== null));
    }

    /** @return list<DayPieAnswer> */
    public static function pies(Kitchen $kitchen, Day $day): array
    {
        $ids = array_values(array_unique(array_map(static fn ($one): string => $one->pie, $day->orders)));
        $revisions = PieRevision::newestOf($kitchen->pies()->whereIn('id', $ids)->get());

        return array_values(array_map(static fn (PieRevision $one): DayPieAnswer => DayPieAnswer::of($one->pie_id, $one->pie()), array_filter(array_map(static fn (string $id): ?PieRevision => $revisions[$id] ?? null, $ids))));
    }
}

<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Schema;
use Hojaldre\Core\Day\Day;
use Hojaldre\Core\Day\Task\TaskKind;
use Hojaldre\Core\Document\Judged;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Document\Whole;
use Hojaldre\Core\Refusal\Refusal;

#[Schema('DayMarkWish')]
final readonly class DayMarkWish implements Judged
{
    /**
     * @param  string  $task  its id
     * @param  int|null  $startMinute  of the day; null to take the mark away
     * @param  int|null  $endMinute  of the day; null while it runs
     * @param  int  $plannedMinutes  that it was to take
     */
    public function __construct(
        #[Text(1, 250)] public string $task,
        public TaskKind $kind,
        #[Whole(Day::EARLIEST_MINUTE, Day::LATEST_MINUTE)] public ?int $startMinute,
        #[Whole(Day::EARLIEST_MINUTE, Day::LATEST_MINUTE)] public ?int $endMinute,
        #[Whole(0, 6000)] public int $plannedMinutes,
    ) {
    }

    public function refusals(): array
    {
        return $this->endMinute !== null && ($this->startMinute === null || $this->endMinute < $this->startMinute) ? [new Refusal('ends-first', '/endMinute')] : [];
    }
}

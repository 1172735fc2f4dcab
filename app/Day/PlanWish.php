<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Schema;
use Hojaldre\Core\Batch\BatchLine;
use Hojaldre\Core\Day\Day;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Document\Whole;

#[Schema('PlanWish')]
final readonly class PlanWish
{
    /**
     * @param  string|null  $batch  uuid of the batch whose doughs and tins hold
     * @param  string|null  $stored  uuid of the day as it is stored, whose marks and told times hold; null for a day that is tried out
     * @param  int|null  $nowMinute  of the day, from which it is planned; null to plan the whole of it
     * @param  bool  $isAsTold  what was to be done by then is taken as done, marked or not
     * @param  bool  $isQuick  a first answer, while something is dragged
     * @param  string|null  $why  id of the task to be explained
     */
    public function __construct(
        public Day $day,
        #[Text(36, 36, BatchLine::UUID)] public ?string $batch,
        #[Text(36, 36, BatchLine::UUID)] public ?string $stored,
        #[Whole(Day::EARLIEST_MINUTE, Day::LATEST_MINUTE)] public ?int $nowMinute,
        public bool $isAsTold,
        public bool $isQuick,
        #[Text(1, 250)] public ?string $why,
    ) {
    }
}

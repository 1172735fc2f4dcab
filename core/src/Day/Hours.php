<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day;

use Hojaldre\Core\Document\Judged;
use Hojaldre\Core\Document\Whole;
use Hojaldre\Core\Refusal\Refusal;

/** From when to when somebody works, minutes from midnight of the day; negative on the days before. */
final readonly class Hours implements Judged
{
    public function __construct(
        #[Whole(Day::EARLIEST_MINUTE, Day::LATEST_MINUTE)] public int $fromMinute,
        #[Whole(Day::EARLIEST_MINUTE, Day::LATEST_MINUTE)] public int $toMinute,
    ) {
    }

    public function refusals(): array
    {
        return $this->toMinute <= $this->fromMinute ? [new Refusal('hours-end-first', '/toMinute')] : [];
    }
}

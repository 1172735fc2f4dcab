<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day;

use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Document\Whole;

/** An oven that is out from some minute on. */
final readonly class Failure
{
    /** @param  string  $oven  its id */
    public function __construct(#[Text(1, 40)] public string $oven, #[Whole(Day::EARLIEST_MINUTE, Day::LATEST_MINUTE)] public int $fromMinute)
    {
    }
}

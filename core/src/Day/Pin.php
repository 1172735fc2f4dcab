<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day;

use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Document\Whole;

/** A task that was put at a time by hand. */
final readonly class Pin
{
    /** @param  string  $task  its id */
    public function __construct(#[Text(1, 250)] public string $task, #[Whole(Day::EARLIEST_MINUTE, Day::LATEST_MINUTE)] public int $startMinute)
    {
    }
}

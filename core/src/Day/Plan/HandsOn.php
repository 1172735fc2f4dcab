<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Plan;

use Hojaldre\Core\Day\Task\PartName;

/** One cook at one task. */
final readonly class HandsOn
{
    /** @param  int  $cook  place among the cooks of the day */
    public function __construct(public int $cook, public int $fromMinute, public int $toMinute, public PartName $part)
    {
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Plan;

/** A while in which a cook has nothing to do, and what goes on meanwhile. */
final readonly class Idle
{
    /**
     * @param  int  $cook  place among the cooks of the day
     * @param  string  $during  id of the task that goes on; empty where nothing does
     */
    public function __construct(public int $cook, public int $fromMinute, public int $toMinute, public string $during)
    {
    }
}

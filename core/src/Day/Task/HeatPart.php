<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Task;

/** Minutes of a task in an oven at one heat. */
final readonly class HeatPart
{
    /**
     * @param  int  $fromMinute  from the beginning of the task
     * @param  int  $celsius  inside, in that oven's own mode
     */
    public function __construct(public int $fromMinute, public int $minutes, public int $celsius)
    {
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Plan;

/** When a task was begun, and when it was done. */
final readonly class Mark
{
    /**
     * @param  string  $task  its id
     * @param  int|null  $endMinute  null while it runs
     */
    public function __construct(public string $task, public int $startMinute, public ?int $endMinute)
    {
    }
}

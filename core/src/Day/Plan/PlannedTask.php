<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Plan;

use Hojaldre\Core\Day\Task\Task;

/** A task with its time, its oven and its cooks. */
final readonly class PlannedTask
{
    /**
     * @param  string|null  $oven  its id
     * @param  list<HandsOn>  $hands
     * @param  int  $slackMinutes  that it may be later before something is late
     * @param  bool  $isPinned  put there by hand
     */
    public function __construct(
        public Task $task,
        public int $startMinute,
        public int $endMinute,
        public ?string $oven,
        public array $hands,
        public int $slackMinutes,
        public bool $isTight,
        public bool $isPinned,
        public TaskState $state,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Plan;

use Hojaldre\Core\Day\Day;
use Hojaldre\Core\Day\Task\Bound;
use Hojaldre\Core\Day\Task\DayTasks;

/** A day, planned: each task with its time, its cook and its oven, and how good the plan is. Minutes are of the day. */
final readonly class DayPlan
{
    /**
     * @param  bool  $isPossible  false where no plan was found that keeps every bound; then there are no tasks
     * @param  list<PlannedTask>  $tasks  in the order of time
     * @param  list<Bound>  $bounds
     * @param  list<Served>  $served  in the order of the day
     * @param  list<OvenAct>  $ovenActs
     * @param  list<Idle>  $idles
     * @param  list<string>  $refused  ids of orders that cannot be baked here
     * @param  list<string>  $brokenPins  ids of tasks that could not stay where they were pinned
     * @param  list<string>  $waited  ids of tasks that come later after what was done than they should
     * @param  int  $latestStartMinute  nobody could begin later and have all in time, as far as is known
     * @param  int  $leastLateMinutes  nobody could have less of it late
     */
    public function __construct(
        public Day $day,
        public bool $isPossible,
        public DayTasks $all,
        public array $tasks,
        public array $bounds,
        public array $served,
        public array $ovenActs,
        public array $idles,
        public array $refused,
        public array $brokenPins,
        public array $waited,
        public ?Cost $cost,
        public int $latestStartMinute,
        public int $leastLateMinutes,
        public float $boundMinutes,
    ) {
    }

    public function startMinute(): ?int
    {
        return $this->tasks === [] ? null : min(array_map(static fn (PlannedTask $one): int => $one->startMinute, $this->tasks));
    }

    public function lateMinutes(): int
    {
        return (int) array_sum(array_map(static fn (Served $one): int => $one->lateMinutes(), $this->served));
    }

    public function task(string $id): ?PlannedTask
    {
        foreach ($this->tasks as $task) {
            if ($task->task->id === $id) {
                return $task;
            }
        }

        return null;
    }
}

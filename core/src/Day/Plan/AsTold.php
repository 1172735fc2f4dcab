<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Plan;

use Hojaldre\Core\Day\Pin;
use Hojaldre\Core\Day\Task\DayTasks;

/** Nobody marks everything: what was to be done by now is taken as done when it was told, what was to be begun as running, unless it was put later by hand. */
final readonly class AsTold
{
    /**
     * @param  array<string, int>  $told  minute at which each task was told to begin
     * @param  list<Mark>  $marks
     * @param  list<Pin>  $pins
     * @return list<Mark> the marks, and those that go without saying
     */
    public static function marks(DayTasks $all, array $told, array $marks, array $pins, int $nowMinute): array
    {
        $known = [];
        foreach ($marks as $mark) {
            $known[$mark->task] = true;
        }
        foreach ($pins as $pin) {
            $known += $pin->startMinute >= $nowMinute ? [$pin->task => true] : [];
        }
        foreach ($all->tasks as $task) {
            $start = $told[$task->id] ?? $nowMinute;
            if (! isset($known[$task->id]) && $start < $nowMinute) {
                $marks[] = new Mark($task->id, $start, $start + $task->minutes <= $nowMinute ? $start + $task->minutes : null);
            }
        }

        return $marks;
    }
}

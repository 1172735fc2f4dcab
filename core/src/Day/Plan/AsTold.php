<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Plan;

use Hojaldre\Core\Day\Pin;
use Hojaldre\Core\Day\Task\DayTasks;

/**
 * Nobody marks everything: what was to be done by now is taken as done when it was told, what was to be begun as running, unless it
 * was put later by hand. A bake is not done because its minutes are over: it runs on until somebody says that it is out.
 */
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
                $isDone = $start + $task->minutes <= $nowMinute && $task->ovens === [];
                $marks[] = new Mark($task->id, $start, $isDone ? $start + $task->minutes : null);
            }
        }

        return $marks;
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Plan;

use Hojaldre\Core\Day\Pin;
use Hojaldre\Core\Day\Task\Bound;
use Hojaldre\Core\Day\Task\DayTasks;
use Hojaldre\Core\Day\Task\Task;

/** What of a day stands already: what is done, what runs and runs on, what was pinned. */
final readonly class Standing
{
    /**
     * @param  array<string, int>  $starts  minute of the day, by task
     * @param  array<string, TaskState>  $states  of those that are done or run
     * @param  list<Task>  $waited  that wait longer than they should after what was done
     */
    private function __construct(public DayTasks $tasks, public array $starts, public array $states, public array $waited)
    {
    }

    /**
     * @param  list<Mark>  $marks
     * @param  list<Pin>  $pins
     */
    public static function of(DayTasks $tasks, array $marks, array $pins, ?int $nowMinute): self
    {
        $by = [];
        foreach ($marks as $mark) {
            $by[$mark->task] = $mark;
        }
        $by = self::withWhatCameBefore($tasks, $by);
        $starts = $states = $kept = [];
        foreach ($tasks->tasks as $task) {
            $mark = $by[$task->id] ?? null;
            if ($mark !== null) {
                $starts[$task->id] = $mark->startMinute;
                $states[$task->id] = $mark->endMinute === null ? TaskState::Running : TaskState::Done;
                $task = $mark->endMinute === null
                    ? $task->lasting(max($task->minutes, ($nowMinute ?? $mark->startMinute) - $mark->startMinute), $task->parts, $task->ovens)
                    : $task->lasting(max(0, $mark->endMinute - $mark->startMinute), [], []);
            }
            $kept[] = $task;
        }
        foreach ($pins as $pin) {
            $starts += [$pin->task => $pin->startMinute];
        }
        [$bounds, $waited] = self::relaxed($tasks, $starts, $states, $kept, $nowMinute);

        return new self(new DayTasks($kept, $bounds, array_values(array_filter($tasks->holds, static fn ($one): bool => ! isset($states[$one->to]))), $tasks->goals), $starts, $states, $waited);
    }

    /**
     * What has to come before something that is done was done too, whether it was marked or not.
     *
     * @param  array<string, Mark>  $by
     * @return array<string, Mark>
     */
    private static function withWhatCameBefore(DayTasks $tasks, array $by): array
    {
        $minutes = [];
        foreach ($tasks->tasks as $task) {
            $minutes[$task->id] = $task->minutes;
        }
        $open = array_values($by);
        while ($open !== []) {
            $mark = array_pop($open);
            foreach ($tasks->bounds as $bound) {
                if ($bound->to === $mark->task && (! isset($by[$bound->from]) || $by[$bound->from]->endMinute === null)) {
                    $end = $mark->startMinute - $bound->leastMinutes;
                    $start = min($by[$bound->from]->startMinute ?? $end - $minutes[$bound->from], $end);
                    $open[] = $by[$bound->from] = new Mark($bound->from, $start, $end);
                }
            }
        }

        return $by;
    }

    /**
     * What is done cannot wait less: what comes after it comes as soon as it can.
     *
     * @param  array<string, int>  $starts
     * @param  array<string, TaskState>  $states
     * @param  list<Task>  $kept
     * @return array{list<Bound>, list<Task>}
     */
    private static function relaxed(DayTasks $tasks, array $starts, array $states, array $kept, ?int $nowMinute): array
    {
        $byId = [];
        foreach ($kept as $task) {
            $byId[$task->id] = $task;
        }
        $bounds = $waited = [];
        foreach ($tasks->bounds as $bound) {
            if (isset($states[$bound->from]) && $bound->mostMinutes !== null) {
                $ended = $starts[$bound->from] + $byId[$bound->from]->minutes;
                if ($nowMinute !== null && ! isset($states[$bound->to]) && $nowMinute > $ended + $bound->mostMinutes) {
                    $waited[] = $byId[$bound->to];
                }
                $bound = new Bound($bound->from, $bound->to, $bound->leastMinutes, null, $bound->between);
            }
            $bounds[] = $bound;
        }

        return [$bounds, $waited];
    }
}

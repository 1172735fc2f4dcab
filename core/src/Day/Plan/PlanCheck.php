<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Plan;

use Hojaldre\Core\Day\DayKitchen;
use Hojaldre\Core\Day\DayOven;
use Hojaldre\Core\Day\HeatChange;
use Hojaldre\Core\Day\Task\Resource;

/**
 * Goes over a plan that is written down and names all that is wrong with it. It shares no code with the planner: it counts from the
 * sheet what is in use at each moment at which anything begins, as somebody with a pencil would.
 */
final readonly class PlanCheck
{
    /** @return list<string> what is wrong, for people who mend the planner; none where all is kept */
    public static function faults(DayPlan $plan): array
    {
        $by = [];
        foreach ($plan->tasks as $one) {
            $by[$one->task->id] = $one;
        }

        return [
            ...self::missing($plan, $by), ...self::bounds($plan, $by), ...self::rooms($plan, $by), ...self::hands($plan), ...self::ovens($plan), ...self::served($plan, $by),
        ];
    }

    /**
     * @param  array<string, PlannedTask>  $by
     * @return list<string>
     */
    private static function missing(DayPlan $plan, array $by): array
    {
        $faults = [];
        foreach ($plan->all->tasks as $task) {
            $one = $by[$task->id] ?? null;
            if ($one === null) {
                $faults[] = "$task->id is not planned";
            } elseif ($one->endMinute - $one->startMinute !== $task->minutes) {
                $faults[] = "$task->id does not last its $task->minutes minutes";
            }
        }

        return $faults;
    }

    /**
     * @param  array<string, PlannedTask>  $by
     * @return list<string>
     */
    private static function bounds(DayPlan $plan, array $by): array
    {
        $faults = [];
        foreach ($plan->bounds as $bound) {
            if (! isset($by[$bound->from], $by[$bound->to])) {
                continue;
            }
            $waits = $by[$bound->to]->startMinute - $by[$bound->from]->endMinute;
            // two that were done by hand in their own order are as they were
            $isPast = $by[$bound->to]->state !== TaskState::Ahead && $by[$bound->from]->state !== TaskState::Ahead;
            if (! $isPast && ($waits < $bound->leastMinutes || ($bound->mostMinutes !== null && $waits > $bound->mostMinutes))) {
                $faults[] = "$bound->to begins $waits minutes after $bound->from";
            }
        }

        return $faults;
    }

    /**
     * @param  array<string, PlannedTask>  $by
     * @return list<string>
     */
    private static function rooms(DayPlan $plan, array $by): array
    {
        $kitchen = $plan->day->kitchen;
        $room = [Resource::Ring->value => $kitchen->rings, Resource::Mixer->value => $kitchen->mixers, Resource::Fridge->value => $kitchen->fridgeTins, Resource::Rack->value => $kitchen->rackTins];
        $uses = [];
        foreach ($plan->tasks as $one) {
            foreach ($one->task->parts as $part) {
                $uses[$part->resource->value][] = [$one->startMinute + $part->fromMinute, $one->startMinute + $part->fromMinute + $part->minutes, $part->units];
            }
        }
        foreach ($plan->all->holds as $hold) {
            if (! isset($by[$hold->from], $by[$hold->to])) {
                continue;
            }
            $uses[$hold->resource->value][] = [$by[$hold->from]->endMinute, $by[$hold->to]->startMinute, $hold->units];
        }
        $faults = [];
        foreach ($uses as $name => $own) {
            foreach ($own as [$moment]) {
                $inUse = array_sum(array_map(static fn (array $one): int => $one[0] <= $moment && $moment < $one[1] ? $one[2] : 0, $own));
                $there = $name === Resource::Hands->value ? self::handsThere($kitchen, $moment) : $room[$name];
                if ($inUse > $there) {
                    $faults[] = "$name: $inUse in use at $moment, $there are there";
                }
            }
        }

        return array_values(array_unique($faults));
    }

    private static function handsThere(DayKitchen $kitchen, int $minute): int
    {
        return count(array_filter($kitchen->cooks, static fn ($one): bool => $one->isThere($minute)));
    }

    /** @return list<string> each wanted minute has one cook, who is there and does nothing else */
    private static function hands(DayPlan $plan): array
    {
        $faults = [];
        $at = [];
        foreach ($plan->tasks as $one) {
            if ($one->state !== TaskState::Ahead) {
                continue;
            }
            $done = 0;
            foreach ($one->hands as $hand) {
                $done += $hand->toMinute - $hand->fromMinute;
                for ($minute = $hand->fromMinute; $minute < $hand->toMinute; $minute++) {
                    if (isset($at[$hand->cook][$minute])) {
                        $faults[] = "cook $hand->cook is at {$at[$hand->cook][$minute]} and at {$one->task->id} at $minute";
                    }
                    if (! $plan->day->kitchen->cooks[$hand->cook]->isThere($minute)) {
                        $faults[] = "cook $hand->cook is not there for {$one->task->id} at $minute";
                    }
                    $at[$hand->cook][$minute] = $one->task->id;
                }
            }
            if ($done !== $one->task->handsMinutes()) {
                $faults[] = "{$one->task->id} wants {$one->task->handsMinutes()} minutes of hands and has $done";
            }
        }

        return $faults;
    }

    /** @return list<string> */
    private static function ovens(DayPlan $plan): array
    {
        $faults = [];
        foreach ($plan->day->kitchen->ovens as $oven) {
            $in = [];
            foreach ($plan->tasks as $one) {
                foreach ($one->task->ovens as $option) {
                    foreach ($one->oven === $oven->id && $option->oven === $oven->id ? $option->heats : [] as $heat) {
                        $in[] = [$one->startMinute + $heat->fromMinute, $one->startMinute + $heat->fromMinute + $heat->minutes, $heat->celsius, $option->shelves, $one->task->id, $one->state];
                    }
                }
                if ($one->task->ovens !== [] && $one->oven === null) {
                    $faults[] = "{$one->task->id} has no oven";
                }
            }
            $faults = [...$faults, ...self::oven($plan, $oven, $in)];
        }

        return array_values(array_unique($faults));
    }

    /**
     * @param  list<array{int, int, int, int, string, TaskState}>  $in
     * @return list<string>
     */
    private static function oven(DayPlan $plan, DayOven $oven, array $in): array
    {
        $faults = [];
        foreach ($in as [$from, $to, $celsius, , $task, $state]) {
            $shelves = 0;
            foreach ($in as [$begins, $ends, $other, $takes, $name]) {
                $shelves += $begins <= $from && $from < $ends ? $takes : 0;
                $differs = abs($other - $celsius) > $oven->toleranceKelvins && $name !== $task;
                if ($differs && $begins < $to && $from < $ends) {
                    $faults[] = "$oven->name is to be at $celsius for $task and at $other for $name";
                } elseif ($differs && $begins >= $to && $begins - $to < HeatChange::minutes($celsius, $other)) {
                    $faults[] = "$oven->name has ".($begins - $to)." minutes from $celsius to $other";
                }
            }
            if ($shelves > $oven->shelves) {
                $faults[] = "$oven->name wants $shelves shelves at $from";
            }
            foreach ($state === TaskState::Ahead ? $plan->day->failures : [] as $failure) {
                if ($failure->oven === $oven->id && $to > $failure->fromMinute) {
                    $faults[] = "$task is in $oven->name, which is out";
                }
            }
        }

        return $faults;
    }

    /**
     * @param  array<string, PlannedTask>  $by
     * @return list<string>
     */
    private static function served(DayPlan $plan, array $by): array
    {
        $faults = [];
        foreach ($plan->all->goals as $goal) {
            foreach ($plan->served as $one) {
                if ($one->order === $goal->order && $one->readyMinute < $by[$goal->task]->endMinute + $goal->restMinutes) {
                    $faults[] = "$goal->order is not ready as early as it says";
                }
            }
        }

        return $faults;
    }
}

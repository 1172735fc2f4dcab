<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Plan;

use Hojaldre\Core\Day\DayKitchen;
use Hojaldre\Core\Day\Task\Resource;
use Hojaldre\Core\Day\Task\Task;

/**
 * Who does what: in the order of time, each takes what is for the pie they were at last, or whoever was free first. There are
 * never more hands wanted than are there; where one goes home in the middle, another takes over.
 */
final readonly class HandsPlan
{
    /**
     * @param  list<Task>  $tasks
     * @param  array<int, int>  $starts  minute of the day, by place of the task
     * @return array<int, list<HandsOn>> by place of the task
     */
    public static function of(array $tasks, array $starts, DayKitchen $kitchen): array
    {
        $wanted = [];
        foreach ($starts as $at => $start) {
            foreach ($tasks[$at]->parts as $part) {
                if ($part->resource === Resource::Hands) {
                    $wanted[] = [$start + $part->fromMinute, $start + $part->fromMinute + $part->minutes, $at, $part->name];
                }
            }
        }
        usort($wanted, static fn (array $a, array $b): int => [$a[0], $a[1], $a[2]] <=> [$b[0], $b[1], $b[2]]);
        $free = array_fill(0, count($kitchen->cooks), PHP_INT_MIN);
        $last = $hands = [];
        foreach ($wanted as [$from, $to, $at, $name]) {
            while ($from < $to) {
                [$cook, $until] = self::best($kitchen, $free, $last, $from, $to, $tasks[$at]);
                if ($cook < 0) {
                    break;
                }
                $hands[$at][] = new HandsOn($cook, $from, $until, $name);
                $free[$cook] = $until;
                $last[$cook] = [$tasks[$at]->id, $tasks[$at]->load];
                $from = $until;
            }
        }

        return $hands;
    }

    /**
     * @param  array<int, int>  $free  minute from which each has nothing to do
     * @param  array<int, array{string, string}>  $last  task and load that each was at
     * @return array{int, int} place of the cook and how long that one can; -1 where nobody is there
     */
    private static function best(DayKitchen $kitchen, array $free, array $last, int $from, int $to, Task $task): array
    {
        $best = [-1, $to];
        $most = null;
        foreach ($kitchen->cooks as $cook => $who) {
            if ($free[$cook] > $from || ! $who->isThere($from)) {
                continue;
            }
            for ($until = $from + 1; $until < $to && $who->isThere($until);) {
                $until++;
            }
            $knows = ($last[$cook][0] ?? '') === $task->id ? 2 : (($last[$cook][1] ?? '') === $task->load && $task->load !== '' ? 1 : 0);
            $worth = [$until, $knows, -$free[$cook], -$cook];
            if ($most === null || $worth > $most) {
                [$best, $most] = [[$cook, $until], $worth];
            }
        }

        return $best;
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Plan;

/**
 * What no plan can beat: how late the day may begin and how late the pies must be, from the longest chain of each pie and from the
 * work of all hands and ovens that has to be done before each due time. With it a cook knows how far a plan may be from the best.
 */
final readonly class LowerBound
{
    /**
     * @param  int  $lateMinutes  all loads together, at the least
     * @param  int  $startMinute  the day begins no later
     * @param  int  $lastMinute  the last is wanted no earlier
     */
    private function __construct(public int $lateMinutes, public int $startMinute, public int $lastMinute)
    {
    }

    /** @param  list<Aim>  $aims */
    public static function of(Network $net, array $aims, int $hands): self
    {
        $heads = self::heads($net);
        $late = 0;
        $last = 0;
        $byDue = [];
        foreach ($aims as $aim) {
            $ready = $heads[$aim->task] + $net->minutes[$aim->task] + $aim->restMinutes;
            $late += max(0, $ready - $aim->dueMinute);
            $last = max($last, $aim->dueMinute, $ready);
            $byDue[] = [$aim->dueMinute, $aim->task];
        }
        sort($byDue);
        $start = min([$net->length, ...LatestStarts::of($net, self::lateAims($aims, $late > 0 ? $last : 0), 0)]);
        [$behind, $byHands] = self::energy($net, $byDue, $net->capacity[$hands], static fn (int $task): int => self::handsOf($net, $task, $hands));
        $shelves = array_fill(0, $net->length, (int) array_sum($net->shelves));
        [$byShelves, $byOvens] = self::energy($net, $byDue, $shelves, static fn (int $task): int => self::shelvesOf($net, $task));
        $late = max($late, $behind, $byShelves);

        return new self($late, $late > 0 ? $net->length : min($start, $byHands, $byOvens), $last);
    }

    /** Cost of a plan that is as good as this says it can be. */
    public function minutes(): float
    {
        return Cost::LATE * $this->lateMinutes + max(0, $this->lastMinute - $this->startMinute);
    }

    /**
     * Minutes that are missing at some due time at the least, and the latest minute from which all of them can still be met.
     *
     * @param  list<array{int, int}>  $byDue  due minute and task, in order
     * @param  array<int, int>  $free  in each minute
     * @param  callable(int): int  $workOf  a task, in the same units times minutes
     * @return array{int, int}
     */
    private static function energy(Network $net, array $byDue, array $free, callable $workOf): array
    {
        $counted = [];
        $work = 0;
        $behind = 0;
        $start = $net->length;
        foreach ($byDue as [$due, $task]) {
            $work += self::workBefore($net, $task, $workOf, $counted);
            $left = $work;
            for ($minute = min($due, $net->length) - 1; $minute >= 0 && $left > 0; $minute--) {
                $left -= $free[$minute];
            }
            if ($left > 0) {
                $behind = max($behind, (int) ceil($left / max(1, ...$free)));
            } else {
                $start = min($start, $minute + 1);
            }
        }

        return [$behind, $start];
    }

    /**
     * Work of a task and of all before it that was not counted yet.
     *
     * @param  callable(int): int  $workOf
     * @param  array<int, true>  $counted
     */
    private static function workBefore(Network $net, int $task, callable $workOf, array &$counted): int
    {
        $work = 0;
        $open = [$task];
        while ($open !== []) {
            $one = array_pop($open);
            if (isset($counted[$one])) {
                continue;
            }
            $counted[$one] = true;
            $work += isset($net->fixed[$one]) ? 0 : $workOf($one);
            foreach ($net->before[$one] as [$other, $lag]) {
                if ($lag >= 0) {
                    $open[] = $other;
                }
            }
        }

        return $work;
    }

    private static function handsOf(Network $net, int $task, int $hands): int
    {
        $work = 0;
        foreach ($net->parts[$task] as [, $minutes, $resource, $units]) {
            $work += $resource === $hands ? $minutes * $units : 0;
        }

        return $work;
    }

    /** In the oven that it takes least of. */
    private static function shelvesOf(Network $net, int $task): int
    {
        $least = $net->ovens[$task] === [] ? 0 : PHP_INT_MAX;
        foreach ($net->ovens[$task] as [, $shelves, $heats]) {
            $least = min($least, $shelves * (int) array_sum(array_column($heats, 1)));
        }

        return $least;
    }

    /** @return array<int, int> when each can begin at the earliest if hands and ovens were without end */
    private static function heads(Network $net): array
    {
        $heads = $net->release;
        foreach (LatestStarts::sorted($net) as $task) {
            $heads[$task] = $net->fixed[$task] ?? $heads[$task];
            foreach ($net->before[$task] as [$other, $lag]) {
                if ($lag >= 0 && ! isset($net->fixed[$task])) {
                    $heads[$task] = max($heads[$task], $heads[$other] + $lag);
                }
            }
        }

        return $heads;
    }

    /**
     * Where something has to be late, only the last of all says when the day begins.
     *
     * @param  list<Aim>  $aims
     * @return list<Aim>
     */
    private static function lateAims(array $aims, int $last): array
    {
        return $last === 0 ? $aims : array_map(static fn (Aim $one): Aim => new Aim($one->task, $one->restMinutes, $one->out, $one->afterMinutes, $last), $aims);
    }
}

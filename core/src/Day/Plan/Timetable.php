<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Plan;

use Hojaldre\Core\Day\HeatChange;

/**
 * Serial schedule generation with bounds from both sides: tasks are put down one after the other, each as early as it fits; where one
 * can then not come soon enough after another, that other one is taken up again with all that came after it, and put down later
 * (unscheduling, after Franck, Neumann and Schwindt 2001, from memory). It writes on itself while it runs; `starts` and `ovens` are what comes out, if it `fits`.
 */
final class Timetable
{
    /** Nothing is taken up more often, for each task and besides (numerics). */
    private const REPAIRS_EACH = 3;

    private const REPAIRS = 60;

    /** @var array<int, int> */
    public array $starts = [];

    /** @var array<int, int> oven of each task that takes one */
    public array $ovens = [];

    /** @var array<int, array<int, int>> units in use, by resource and minute */
    private array $used = [];

    /** @var array<int, list<array{int, int, int, int, int}>> from, to, celsius, shelves, task, by oven */
    private array $booked = [];

    /** @var array<int, int> */
    private array $release = [];

    /** @var array<string, int> */
    private array $changes = [];

    /** Tasks that were put down, those that were taken up again too. */
    public int $steps = 0;

    public bool $fits = false;

    private function __construct(private readonly Network $net)
    {
    }

    /**
     * @param  list<float>  $rank  of two tasks that may be next the lower goes first
     * @param  array<int, int>  $release  by task, beside those of the day
     */
    public static function of(Network $net, array $rank, array $release): self
    {
        $table = new self($net);
        $table->fits = $table->run($rank, $release);

        return $table;
    }

    /**
     * @param  list<float>  $rank
     * @param  array<int, int>  $release
     */
    private function run(array $rank, array $release): bool
    {
        $net = $this->net;
        foreach ($net->capacity as $resource => $all) {
            $this->used[$resource] = array_fill(0, $net->length + 1, 0);
        }
        $this->booked = array_fill(0, count($net->shelves), []);
        $this->release = $net->release;
        foreach ($release as $task => $minute) {
            $this->release[$task] = max($this->release[$task], $minute);
        }
        foreach ($net->fixed as $task => $start) {
            $oven = $this->ovenOfFixed($task, $start);
            $this->put($task, $start, $oven);
        }
        $order = $this->order($rank);
        $at = array_flip($order);
        $repairs = self::REPAIRS + self::REPAIRS_EACH * count($order);
        for ($k = 0; $k < count($order);) {
            $task = $order[$k];
            $this->steps++;
            $found = $this->earliest($task);
            $late = $found === null ? null : $this->tooLate($task, $found[0]);
            if ($found !== null && $late === null) {
                $this->put($task, $found[0], $found[1]);
                $k++;

                continue;
            }
            if ($late === null || ! isset($at[$late[0]]) || $repairs-- <= 0) {
                return false;
            }
            $this->release[$late[0]] = max($late[1], $this->starts[$late[0]] + 1);
            for ($from = $at[$late[0]]; $k > $from;) {
                $this->take($order[--$k]);
            }
        }

        return true;
    }

    /**
     * Those that may go next by rank, one after the other; what stands is left out.
     *
     * @param  list<float>  $rank
     * @return list<int>
     */
    private function order(array $rank): array
    {
        $waits = array_fill(0, $this->net->count(), 0);
        foreach ($this->net->follows as $i => $own) {
            foreach ($own as $j) {
                $waits[$j]++;
            }
        }
        $next = new \SplPriorityQueue;
        foreach ($waits as $i => $count) {
            if ($count === 0) {
                $next->insert($i, [-$rank[$i], -$i]);
            }
        }
        $order = [];
        while (! $next->isEmpty()) {
            $i = $next->extract();
            assert(is_int($i));
            if (! isset($this->net->fixed[$i])) {
                $order[] = $i;
            }
            foreach ($this->net->follows[$i] as $j) {
                if (--$waits[$j] === 0) {
                    $next->insert($j, [-$rank[$j], -$j]);
                }
            }
        }

        return $order;
    }

    /** @return array{int, int}|null start, and oven or -1; null where it fits nowhere */
    private function earliest(int $task): ?array
    {
        $net = $this->net;
        $t = $this->release[$task];
        foreach ($net->before[$task] as [$other, $lag]) {
            if (isset($this->starts[$other]) && $t < $this->starts[$other] + $lag) {
                $t = $this->starts[$other] + $lag;
            }
        }
        $last = $net->latest[$task];
        $parts = $net->parts[$task];
        while ($t <= $last) {
            $later = $t;
            foreach ($parts as [$from, $minutes, $resource, $units]) {
                $free = $net->capacity[$resource];
                for ($m = $t + $from + $minutes - 1, $first = $t + $from; $m >= $first; $m--) {
                    if ($this->used[$resource][$m] + $units > $free[$m]) {
                        $later = $m + 1 - $from;
                        break 2;
                    }
                }
            }
            if ($later === $t) {
                $oven = -1;
                if ($net->ovens[$task] === []) {
                    return [$t, -1];
                }
                [$later, $oven] = $this->oven($task, $t);
                if ($later === $t) {
                    return [$t, $oven];
                }
            }
            $t = $later;
        }

        return null;
    }

    /** @return array{int, int} the minute from which one of its ovens takes it, and that oven; of two at once the one that changes less */
    private function oven(int $task, int $t): array
    {
        $best = [PHP_INT_MAX, -1];
        $least = PHP_INT_MAX;
        foreach ($this->net->ovens[$task] as [$oven, $shelves, $heats]) {
            [$at, $kelvins] = $this->inOven($oven, $shelves, $heats, $t);
            if ($at < $best[0] || ($at === $best[0] && $kelvins < $least)) {
                [$best, $least] = [[$at, $oven], $kelvins];
            }
        }

        return $best;
    }

    /**
     * @param  list<array{int, int, int}>  $heats
     * @return array{int, int} the same minute where it fits, a later one from which it may; kelvins that the oven is changed for it
     */
    private function inOven(int $oven, int $shelves, array $heats, int $t): array
    {
        $net = $this->net;
        $out = $net->outFrom[$oven];
        $tolerance = $net->tolerance[$oven];
        $kelvins = PHP_INT_MAX - 1;
        foreach ($heats as [$from, $minutes, $celsius]) {
            $a = $t + $from;
            $b = $a + $minutes;
            if ($out !== null) {
                if (! $net->isTurned && $b > $out) {
                    return [PHP_INT_MAX, 0];
                }
                if ($net->isTurned && $net->length - $a > $out) {
                    return [$net->length - $out - $from, 0];
                }
            }
            if (! $this->isHotBy($oven, $celsius, $a, $b)) {
                return [$net->isTurned ? PHP_INT_MAX : $net->coldFrom + $this->change(HeatChange::ROOM_CELSIUS, $celsius) - $from, 0];
            }
            $room = $net->shelves[$oven] - $shelves;
            $during = [];
            foreach ($this->booked[$oven] as [$begins, $ends, $other, $taken]) {
                $isSame = abs($other - $celsius) <= $tolerance;
                $kelvins = min($kelvins, abs($other - $celsius));
                if ($begins < $b && $a < $ends) {
                    if (! $isSame) {
                        return [$ends + $this->change($other, $celsius) - $from, 0];
                    }
                    $during[] = [$begins, $ends, $taken];
                } elseif (! $isSame && $ends <= $a && $a < $ends + $this->change($other, $celsius)) {
                    return [$ends + $this->change($other, $celsius) - $from, 0];
                } elseif (! $isSame && $b <= $begins && $begins < $b + $this->change($celsius, $other)) {
                    return [$ends + $this->change($other, $celsius) - $from, 0];
                }
            }
            $full = $during === [] ? null : self::fullUntil($during, $room, $a, $b);
            if ($full !== null) {
                return [$full - $from, 0];
            }
        }

        return [$t, $kelvins];
    }

    /** Whether it can be at its heat: it is cold until it is lit, unless something was in it before. */
    private function isHotBy(int $oven, int $celsius, int $a, int $b): bool
    {
        $net = $this->net;
        $starts = $net->isTurned ? $net->length - $b : $a;
        if ($starts >= $net->coldFrom + HeatChange::minutes(HeatChange::ROOM_CELSIUS, $celsius)) {
            return true;
        }
        foreach ($this->booked[$oven] as [$begins, $ends]) {
            if ($net->isTurned ? $begins >= $b : $ends <= $a || $begins <= $a) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  non-empty-list<array{int, int, int}>  $during  from, to, shelves
     * @return int|null when the first of them goes that stand in the way; null where there is room
     */
    private static function fullUntil(array $during, int $room, int $a, int $b): ?int
    {
        foreach ($during as [$begins]) {
            $moment = max($a, $begins);
            $taken = 0;
            $ends = PHP_INT_MAX;
            foreach ($during as [$from, $to, $shelves]) {
                if ($from <= $moment && $moment < $to) {
                    $taken += $shelves;
                    $ends = min($ends, $to);
                }
            }
            if ($taken > $room && $moment < $b) {
                return $ends;
            }
        }

        return null;
    }

    /** @return array{int, int}|null the task that would have to be later, and from when; null where it comes soon enough */
    private function tooLate(int $task, int $start): ?array
    {
        foreach ($this->net->after[$task] as [$other, $lag]) {
            if (isset($this->starts[$other]) && $this->starts[$other] < $start + $lag) {
                return [$other, $start + $lag];
            }
        }
        foreach ($this->net->holds[$task] as [$resource, $units, $began]) {
            $from = $this->starts[$began] + $this->net->minutes[$began];
            for ($m = $start - 1; $m >= $from; $m--) {
                if ($this->used[$resource][$m] + $units > $this->net->capacity[$resource][$m]) {
                    return [$began, $m + 1 - $this->net->minutes[$began]];
                }
            }
        }

        return null;
    }

    private function put(int $task, int $start, int $oven): void
    {
        $this->starts[$task] = $start;
        $this->book($task, $start, 1);
        if ($oven >= 0) {
            $this->ovens[$task] = $oven;
            foreach ($this->net->ovens[$task] as [$at, $shelves, $heats]) {
                if ($at === $oven) {
                    foreach ($heats as [$from, $minutes, $celsius]) {
                        $this->booked[$oven][] = [$start + $from, $start + $from + $minutes, $celsius, $shelves, $task];
                    }
                }
            }
        }
    }

    private function take(int $task): void
    {
        $this->book($task, $this->starts[$task], -1);
        if (isset($this->ovens[$task])) {
            $oven = $this->ovens[$task];
            $this->booked[$oven] = array_values(array_filter($this->booked[$oven], static fn (array $one): bool => $one[4] !== $task));
            unset($this->ovens[$task]);
        }
        unset($this->starts[$task]);
    }

    private function book(int $task, int $start, int $sign): void
    {
        foreach ($this->net->parts[$task] as [$from, $minutes, $resource, $units]) {
            for ($m = max(0, $start + $from), $to = min($this->net->length, $start + $from + $minutes); $m < $to; $m++) {
                $this->used[$resource][$m] += $sign * $units;
            }
        }
        foreach ($this->net->holds[$task] as [$resource, $units, $began]) {
            for ($m = max(0, ($this->starts[$began] ?? $start) + $this->net->minutes[$began]); $m < $start; $m++) {
                $this->used[$resource][$m] += $sign * $units;
            }
        }
    }

    private function change(int $from, int $to): int
    {
        return $this->changes["$from $to"] ??= $this->net->change($from, $to);
    }

    private function ovenOfFixed(int $task, int $start): int
    {
        foreach ($this->net->ovens[$task] as [$oven, $shelves, $heats]) {
            if ($this->inOven($oven, $shelves, $heats, $start)[0] === $start) {
                return $oven;
            }
        }

        return $this->net->ovens[$task][0][0] ?? -1;
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Plan;

/** How much later each task of a plan may be before something is late, if all that comes after it moves along in the same order. */
final readonly class Slack
{
    /**
     * @param  list<Aim>  $aims
     * @param  array<int, list<array{int, int, int}>>  $hands  cook, from, to, by task
     * @return array<int, int> minutes; less than nothing where something is late already
     */
    public static function of(Network $net, array $aims, Solution $found, array $hands): array
    {
        $starts = $found->starts;
        $late = array_fill_keys(array_keys($starts), PHP_INT_MAX);
        foreach ($aims as $aim) {
            $late[$aim->task] = min($late[$aim->task], $aim->dueMinute - $aim->restMinutes - $net->minutes[$aim->task]);
        }
        $next = self::next($net, $found, $hands);
        arsort($starts);
        // of two at the same minute the one that comes after the other is taken first
        $order = array_keys($starts);
        for ($pass = 0; $pass < 2; $pass++) {
            foreach ($order as $task) {
                foreach ($next[$task] ?? [] as [$other, $lag]) {
                    if ($late[$other] !== PHP_INT_MAX) {
                        $late[$task] = min($late[$task], $late[$other] - $lag);
                    }
                }
            }
        }
        $slack = [];
        foreach ($starts as $task => $start) {
            $slack[$task] = $late[$task] === PHP_INT_MAX ? $net->length - $start : $late[$task] - $start;
        }

        return $slack;
    }

    /**
     * The chain that leaves least to spare: from the load that is tightest, back over what each task waits for.
     *
     * @param  list<Aim>  $aims
     * @param  array<int, list<array{int, int, int}>>  $hands
     * @param  array<int, int>  $slack
     * @return array<int, true>
     */
    public static function chain(Network $net, array $aims, Solution $found, array $hands, array $slack): array
    {
        $before = [];
        foreach (self::next($net, $found, $hands) as $task => $own) {
            foreach ($own as [$other, $lag]) {
                if ($found->starts[$other] === $found->starts[$task] + $lag) {
                    $before[$other][] = $task;
                }
            }
        }
        $ahead = array_filter($aims, static fn (Aim $one): bool => ! isset($net->fixed[$one->task]));
        $least = min([PHP_INT_MAX, ...array_map(static fn (Aim $one): int => $slack[$one->task], $ahead)]);
        $best = [];
        $first = [PHP_INT_MAX, 0];
        foreach ($ahead as $aim) {
            $chain = $slack[$aim->task] === $least ? self::back($aim->task, $before, $found->starts) : [];
            $begins = min([PHP_INT_MAX, ...array_map(static fn (int $task): int => $found->starts[$task], array_keys($chain))]);
            if ([$begins, -count($chain)] < $first) {
                [$best, $first] = [$chain, [$begins, -count($chain)]];
            }
        }

        return $best;
    }

    /**
     * @param  array<int, list<int>>  $before  of each task those that it waits for to the minute
     * @param  array<int, int>  $starts
     * @return array<int, true>
     */
    private static function back(int $task, array $before, array $starts): array
    {
        $chain = [];
        while (! isset($chain[$task])) {
            $chain[$task] = true;
            $next = $task;
            foreach ($before[$task] ?? [] as $other) {
                $next = ! isset($chain[$other]) && ($next === $task || $starts[$other] < $starts[$next]) ? $other : $next;
            }
            $task = $next;
        }

        return $chain;
    }

    /**
     * What follows each task: by its bounds, at the same hands, in the same oven.
     *
     * @param  array<int, list<array{int, int, int}>>  $hands
     * @return array<int, list<array{int, int}>> task and least minutes from start to start
     */
    private static function next(Network $net, Solution $found, array $hands): array
    {
        $next = [];
        foreach ($found->starts as $task => $start) {
            foreach ($net->after[$task] as [$other, $lag]) {
                if ($lag >= 0) {
                    $next[$task][] = [$other, $lag];
                }
            }
        }
        $byCook = $byOven = [];
        foreach ($hands as $task => $own) {
            foreach ($own as [$cook, $from, $to]) {
                $byCook[$cook][] = [$from, $to, $task, 0];
            }
        }
        foreach ($found->ovens as $task => $oven) {
            foreach ($net->ovens[$task] as [$at, , $heats]) {
                foreach ($at === $oven ? $heats : [] as [$from, $minutes, $celsius]) {
                    $byOven[$oven][] = [$found->starts[$task] + $from, $found->starts[$task] + $from + $minutes, $task, $celsius];
                }
            }
        }
        foreach ([...$byCook, ...$byOven] as $all) {
            sort($all);
            foreach (array_slice($all, 1) as $at => [$begins, , $other, $celsius]) {
                [, $ends, $task, $was] = $all[$at];
                if ($task !== $other && $begins >= $ends) {
                    $apart = $found->starts[$other] - $found->starts[$task];
                    // they keep their distance where that is all the oven needs to change
                    $next[$task][] = [$other, min($apart, $apart - ($begins - $ends) + ($was > 0 ? $net->change($was, $celsius) : 0))];
                }
            }
        }

        return $next;
    }
}

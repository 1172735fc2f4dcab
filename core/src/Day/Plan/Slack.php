<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Plan;

/** How much later each task of a plan may be before something is late, if all that comes after it moves along in the same order. */
final readonly class Slack
{
    /**
     * @param  list<Aim>  $aims
     * @param  array<int, list<array{int, int}>>  $hands  cook and minute at which each goes to a task
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
     * The chain that leaves least to spare: from what is tightest, back over what each waits for.
     *
     * @param  array<int, int>  $slack
     * @return array<int, true>
     */
    public static function chain(Network $net, Solution $found, array $slack): array
    {
        $ahead = array_diff_key($slack, $net->fixed);
        if ($ahead === []) {
            return [];
        }
        $least = min($ahead);

        return array_fill_keys(array_keys(array_filter($ahead, static fn (int $one): bool => $one <= $least)), true);
    }

    /**
     * What follows each task: by its bounds, at the same hands, in the same oven.
     *
     * @param  array<int, list<array{int, int}>>  $hands
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
        $byCook = [];
        foreach ($hands as $task => $own) {
            foreach ($own as [$cook, $minute]) {
                $byCook[$cook][] = [$minute, $task];
            }
        }
        $byOven = [];
        foreach ($found->ovens as $task => $oven) {
            $byOven[$oven][] = [$found->starts[$task], $task];
        }
        foreach ([...$byCook, ...$byOven] as $all) {
            sort($all);
            foreach ($all as $at => [, $task]) {
                $other = $all[$at + 1][1] ?? $task;
                if ($other !== $task && $found->starts[$other] >= $found->starts[$task]) {
                    // they keep their distance: nearer is not known to fit
                    $next[$task][] = [$other, min($found->starts[$other] - $found->starts[$task], $net->minutes[$task])];
                }
            }
        }

        return $next;
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Plan;

/**
 * Looks for a good plan: each try ranks the tasks, plans them as late as they can be from their due times, and where that would
 * begin too early as soon as they can be and then late again from there (justification both ways, Valls, Ballestin and Quintanilla 2005, from
 * memory). First ranks are drawn about the rules, then those of the best are changed a little, and what is no worse is kept. So many steps, no clock; the same for the same seed.
 */
final class Search
{
    /** How far ranks are moved, minutes (numerics). */
    private const FAR = 240;

    private const NEAR = 80;

    private const WIDE = 90;

    /** The share of its steps in which a search draws (numerics, tried on small days). */
    private const DRAWN = 0.4;

    /** A small day is as good as it gets sooner than its steps are used up (numerics). */
    private const ROUNDS = 5000;

    private int $steps = 0;

    /**
     * @param  list<Aim>  $aims
     * @param  list<int>  $groups  of each task the load that it is for
     * @param  array<int, int>  $told  start that was told, by task
     */
    public function __construct(
        private readonly Network $net,
        private readonly Network $turned,
        private readonly array $aims,
        private readonly int $spareMinutes,
        private readonly array $groups,
        private readonly array $told,
    ) {
    }

    /**
     * @param  int  $steps  tasks that are put down in all, in whatever plan; ranks to begin with are tried until one fits
     * @return Solution|null null where no order of the tasks fits
     */
    public function run(int $steps, int $seed): ?Solution
    {
        $dice = new Dice($seed);
        $late = LatestStarts::of($this->net, $this->aims, $this->spareMinutes);
        $best = null;
        $shifts = array_fill(0, $this->net->count(), 0.0);
        $rules = $this->rules($late);
        foreach ($rules as $rule) {
            if ($best !== null && $this->steps >= $steps) {
                break;
            }
            $found = $this->try($rule);
            if ($found !== null && ($best === null || $found->cost->whole() < $best->cost->whole())) {
                [$best, $shifts] = [$found, $rule];
            }
        }
        for ($round = 0; $round < self::ROUNDS && $this->steps < $steps; $round++) {
            $other = $this->steps < self::DRAWN * $steps ? $this->drawn($rules[$round % count($rules)], $dice) : $this->changed($shifts, $dice);
            $found = $this->try($other);
            if ($found === null) {
                $shifts = $best === null ? $other : $shifts;

                continue;
            }
            if ($best === null || $found->cost->whole() <= $best->cost->whole()) {
                [$best, $shifts] = [$found, $other];
            }
        }

        return $best;
    }

    /**
     * Ranks to begin with: what may be latest is planned first; pie after pie, the last that is due first; what was told.
     *
     * @param  list<int>  $late
     * @return list<list<float>>
     */
    private function rules(array $late): array
    {
        $byTime = array_map(static fn (int $start, int $minutes): float => (float) -($start + $minutes), $late, $this->net->minutes);
        $of = [];
        foreach ($late as $task => $start) {
            $of[$this->groups[$task]] = max($of[$this->groups[$task]] ?? -INF, $start + $this->net->minutes[$task]);
        }
        $byPie = array_map(fn (int $task): float => -1000.0 * $of[$this->groups[$task]] - $late[$task] - 1e-3 * $this->groups[$task], array_keys($late));
        $byStart = array_map(static fn (int $start): float => (float) -$start, $late);
        $told = $this->told === [] ? [] : [array_map(fn (int $task): float => (float) -(($this->told[$task] ?? $late[$task]) + $this->net->minutes[$task]), array_keys($late))];

        return [...$told, $byTime, $byStart, $byPie];
    }

    /**
     * A rule with each load and each task moved at random.
     *
     * @param  list<float>  $ranks
     * @return list<float>
     */
    private function drawn(array $ranks, Dice $dice): array
    {
        $by = [];
        foreach ($this->groups as $at => $group) {
            $by[$group] ??= $dice->below(2 * self::WIDE + 1) - self::WIDE;
            $ranks[$at] += $by[$group] + $dice->below(2 * self::NEAR + 1) - self::NEAR;
        }

        return array_values($ranks);
    }

    /**
     * @param  list<float>  $ranks
     * @return list<float>
     */
    private function changed(array $ranks, Dice $dice): array
    {
        $task = $dice->below($this->net->count());
        $kind = $dice->below(4);
        $by = $dice->below(2 * ($kind === 3 ? self::FAR : self::NEAR) + 1) - ($kind === 3 ? self::FAR : self::NEAR);
        if ($kind === 0) {
            $ranks[$task] += $by;
        } elseif ($kind === 1) {
            // change places with another
            $other = $dice->below($this->net->count());
            [$ranks[$task], $ranks[$other]] = [$ranks[$other], $ranks[$task]];
        } else {
            foreach ($this->groups as $at => $group) {
                if ($group === $this->groups[$task]) {
                    $ranks[$at] += $by;
                }
            }
        }

        return array_values($ranks);
    }

    /** @param  list<float>  $ranks  low is planned first, from the end of the day */
    private function try(array $ranks): ?Solution
    {
        $late = $this->timetable($this->turned, $ranks, $this->turnedReleases([]));
        if ($late !== null) {
            return $this->solution($this->forwards($late), $late->ovens);
        }
        $soon = $this->timetable($this->net, array_map(static fn (float $rank): float => -$rank, $ranks), []);
        if ($soon === null) {
            return null;
        }
        $found = $this->solution($soon->starts, $soon->ovens);
        $ends = array_map(fn (int $task): float => (float) -($soon->starts[$task] + $this->net->minutes[$task]), range(0, $this->net->count() - 1));
        $late = $this->timetable($this->turned, $ends, $this->turnedReleases($soon->starts));
        $again = $late === null ? null : $this->solution($this->forwards($late), $late->ovens);

        return $again !== null && $again->cost->whole() <= $found->cost->whole() ? $again : $found;
    }

    /**
     * @param  list<float>  $ranks
     * @param  array<int, int>  $release
     */
    private function timetable(Network $net, array $ranks, array $release): ?Timetable
    {
        $table = Timetable::of($net, $ranks, $release);
        $this->steps += $table->steps;

        return $table->fits ? $table : null;
    }

    /**
     * When each goal is reached at the latest, in time that runs backwards: as it is due, or as soon as it can be.
     *
     * @param  array<int, int>  $starts  of the plan that is as soon as can be
     * @return array<int, int>
     */
    private function turnedReleases(array $starts): array
    {
        $releases = [];
        foreach ($this->aims as $aim) {
            $end = $aim->dueMinute - $this->spareMinutes - $aim->restMinutes;
            $releases[$aim->task] = $this->net->length - max($end, isset($starts[$aim->task]) ? $starts[$aim->task] + $this->net->minutes[$aim->task] : 0);
        }

        return $releases;
    }

    /** @return array<int, int> */
    private function forwards(Timetable $turned): array
    {
        $starts = [];
        foreach ($turned->starts as $task => $start) {
            $starts[$task] = $this->net->length - $start - $this->net->minutes[$task];
        }

        return $starts;
    }

    /**
     * @param  array<int, int>  $starts
     * @param  array<int, int>  $ovens
     */
    private function solution(array $starts, array $ovens): Solution
    {
        return new Solution($starts, $ovens, Cost::of($this->net, $this->aims, $this->spareMinutes, $starts, $ovens, $this->groups, $this->told));
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Plan;

/**
 * What a plan costs a kitchen, in minutes: late weighs most, then what eats into the time to spare, then standing ready and
 * beginning early. Where two cost the same, the one with fewer changes of heat and fewer turns from one pie to another is better.
 */
final readonly class Cost
{
    /** A minute late outweighs all else: so many of standing ready or of an earlier start (judgement). */
    public const LATE = 10000.0;

    /** A minute of what is to spare (judgement). */
    public const SPARE = 2.0;

    /** Moving something by a minute that people were told (judgement). */
    public const MOVED = 0.2;

    /** A change of heat and a turn from one pie to another, where all else is the same (judgement; less than a minute all together). */
    private const HEAT = 0.01;

    private const TURN = 0.0005;

    /**
     * @param  int  $lateMinutes  all loads together
     * @param  int  $shortMinutes  of what was to be spare
     * @param  int  $standMinutes  out of the oven for longer than its rest and what is to spare want
     * @param  int  $spanMinutes  from the first task to when the last is wanted
     */
    private function __construct(
        public int $lateMinutes,
        public int $shortMinutes,
        public int $standMinutes,
        public int $spanMinutes,
        public int $heats,
        public int $turns,
        public float $movedMinutes,
    ) {
    }

    /**
     * @param  list<Aim>  $aims
     * @param  array<int, int>  $starts
     * @param  array<int, int>  $ovens
     * @param  list<int>  $groups  of each task the load that it is for
     * @param  array<int, int>  $told  start that was told, by task
     */
    public static function of(Network $net, array $aims, int $spareMinutes, array $starts, array $ovens, array $groups, array $told): self
    {
        $late = $short = $stand = 0;
        $last = 0;
        foreach ($aims as $aim) {
            $ready = $starts[$aim->task] + $net->minutes[$aim->task] + $aim->restMinutes;
            $late += max(0, $ready - $aim->dueMinute);
            $short += min($spareMinutes, max(0, $ready - $aim->dueMinute + $spareMinutes));
            $stand += max(0, $aim->dueMinute - $spareMinutes - $starts[$aim->out] - $net->minutes[$aim->out] - $aim->afterMinutes);
            $last = max($last, $ready, $aim->dueMinute);
        }
        $moved = 0.0;
        foreach ($told as $task => $start) {
            $moved += isset($net->fixed[$task]) ? 0 : abs(($starts[$task] ?? $start) - $start);
        }

        return new self($late, $short, $stand, $starts === [] ? 0 : $last - min($starts), self::heats($net, $starts, $ovens), self::turns($starts, $groups), $moved);
    }

    /** What is compared with the best there can be. */
    public function minutes(): float
    {
        return self::LATE * $this->lateMinutes + self::SPARE * $this->shortMinutes + $this->standMinutes + $this->spanMinutes;
    }

    /** What the search makes small. */
    public function whole(): float
    {
        return $this->minutes() + self::MOVED * $this->movedMinutes + self::HEAT * $this->heats + self::TURN * $this->turns;
    }

    /**
     * How often an oven is lit or its heat changed.
     *
     * @param  array<int, int>  $starts
     * @param  array<int, int>  $ovens
     */
    private static function heats(Network $net, array $starts, array $ovens): int
    {
        $by = [];
        foreach ($ovens as $task => $oven) {
            foreach ($net->ovens[$task] as [$at, , $heats]) {
                if ($at === $oven) {
                    foreach ($heats as [$from, , $celsius]) {
                        $by[$oven][] = [$starts[$task] + $from, $celsius];
                    }
                }
            }
        }
        $changes = 0;
        foreach ($by as $all) {
            sort($all);
            $now = 0;
            foreach ($all as [, $celsius]) {
                $changes += $celsius === $now ? 0 : 1;
                $now = $celsius;
            }
        }

        return $changes;
    }

    /**
     * How often what is begun next is for another load.
     *
     * @param  array<int, int>  $starts
     * @param  list<int>  $groups
     */
    private static function turns(array $starts, array $groups): int
    {
        asort($starts);
        $turns = 0;
        $before = null;
        foreach (array_keys($starts) as $task) {
            $turns += $before !== null && $groups[$task] !== $before ? 1 : 0;
            $before = $groups[$task];
        }

        return $turns;
    }
}

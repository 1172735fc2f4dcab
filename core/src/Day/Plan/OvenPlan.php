<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Plan;

use Hojaldre\Core\Day\DayKitchen;
use Hojaldre\Core\Day\HeatChange;
use Hojaldre\Core\Day\Task\Task;

/** When each oven is lit, turned up or down, and off: as soon as nothing in it minds, so that it is there in time. */
final readonly class OvenPlan
{
    /** Empty for longer it is turned off (judgement). */
    private const OFF_MINUTES = 75;

    /**
     * @param  list<Task>  $tasks
     * @param  array<int, int>  $starts  minute of the day
     * @param  array<int, int>  $ovens  place of the oven, by place of the task
     * @return list<OvenAct> of each oven in the order of time
     */
    public static function of(array $tasks, array $starts, array $ovens, DayKitchen $kitchen): array
    {
        $acts = [];
        foreach ($kitchen->ovens as $at => $oven) {
            $heats = [];
            foreach ($ovens as $task => $in) {
                foreach ($in === $at ? $tasks[$task]->ovens : [] as $option) {
                    foreach ($option->oven === $oven->id ? $option->heats : [] as $heat) {
                        $heats[] = [$starts[$task] + $heat->fromMinute, $starts[$task] + $heat->fromMinute + $heat->minutes, $heat->celsius];
                    }
                }
            }
            sort($heats);
            $acts = [...$acts, ...self::ofOven($oven->id, $heats, $oven->toleranceKelvins)];
        }

        return $acts;
    }

    /**
     * @param  list<array{int, int, int}>  $heats  from, to, celsius
     * @return list<OvenAct>
     */
    private static function ofOven(string $oven, array $heats, float $tolerance): array
    {
        $acts = [];
        $now = 0;
        $busyTo = null;
        foreach ($heats as [$from, $to, $celsius]) {
            if ($busyTo !== null && $from - $busyTo > self::OFF_MINUTES) {
                $acts[] = new OvenAct($oven, $busyTo, $busyTo, 0, $now);
                $now = 0;
            }
            if ($now === 0) {
                $acts[] = new OvenAct($oven, $from - HeatChange::minutes(HeatChange::ROOM_CELSIUS, $celsius), $from, $celsius, 0);
                $now = $celsius;
            } elseif (abs($celsius - $now) > $tolerance) {
                $takes = HeatChange::minutes($now, $celsius);
                $at = max($busyTo ?? $from, $from - max($takes, 1));
                $acts[] = new OvenAct($oven, min($from, $at), max($from, $at + $takes), $celsius, $now);
                $now = $celsius;
            }
            $busyTo = max($busyTo ?? $to, $to);
        }

        return $busyTo === null ? [] : [...$acts, new OvenAct($oven, $busyTo, $busyTo, 0, $now)];
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Plan;

use Hojaldre\Core\Day\DayOven;
use Hojaldre\Core\Day\Task\PartName;
use Hojaldre\Core\Statement\Statement;

/** A plan as the list that people work from: what hands do, ovens that are turned, what is served. */
final readonly class DayActs
{
    /**
     * @param  array<string, string>  $names  of the pie of each order
     * @return list<DayAct> in the order of time
     */
    public static function of(DayPlan $plan, array $names): array
    {
        $acts = [];
        foreach ($plan->tasks as $one) {
            $acts = [...$acts, ...self::ofTask($plan, $one)];
        }
        foreach ($plan->ovenActs as $act) {
            $acts[] = self::ofOven($plan, $act);
        }
        foreach ($plan->served as $one) {
            $at = max($one->dueMinute, $one->readyMinute);
            $acts[] = new DayAct($at, $at, null, '', '', new Statement($one->lateMinutes() > 0 ? 'day-act.served-late' : 'day-act.served', ['pie' => $names[$one->order] ?? '', 'pieces' => $one->count, 'lateMinutes' => $one->lateMinutes()]), [], false);
        }
        usort($acts, static fn (DayAct $a, DayAct $b): int => [$a->fromMinute, $a->task === '' ? 0 : 1, $a->toMinute, $a->task] <=> [$b->fromMinute, $b->task === '' ? 0 : 1, $b->toMinute, $b->task]);

        return $acts;
    }

    /** @return list<DayAct> */
    private static function ofTask(DayPlan $plan, PlannedTask $one): array
    {
        $acts = [];
        $last = max([0, ...array_map(static fn (HandsOn $hand): int => $hand->toMinute, $one->hands)]);
        $isFirst = true;
        foreach ($one->hands as $hand) {
            $says = $isFirst ? $one->task->says : [];
            $isFirst = false;
            $acts[] = new DayAct($hand->fromMinute, $hand->toMinute, $hand->cook, $one->task->id, '', self::title($plan, $one, $hand), $says, $hand->toMinute === $last);
        }

        return $acts;
    }

    private static function title(DayPlan $plan, PlannedTask $one, HandsOn $hand): Statement
    {
        if ($hand->part === PartName::Work || $hand->part === PartName::Start) {
            return $one->task->title;
        }
        $oven = self::oven($plan, (string) $one->oven);

        return new Statement('day-act.'.$hand->part->value, ['task' => $one->task->title, 'oven' => $oven->name ?? '', 'dialovenCelsius' => self::dial($oven, $one, $hand->fromMinute)]);
    }

    private static function oven(DayPlan $plan, string $id): ?DayOven
    {
        foreach ($plan->day->kitchen->ovens as $oven) {
            if ($oven->id === $id) {
                return $oven;
            }
        }

        return null;
    }

    private static function dial(?DayOven $oven, PlannedTask $one, int $minute): float
    {
        foreach ($one->task->ovens as $option) {
            foreach ($option->oven === $oven?->id ? array_reverse($option->heats) : [] as $heat) {
                if ($one->startMinute + $heat->fromMinute <= $minute + 1) {
                    return $heat->celsius - ($oven->runsByKelvins ?? 0.0);
                }
            }
        }

        return 0.0;
    }

    private static function ofOven(DayPlan $plan, OvenAct $act): DayAct
    {
        $oven = self::oven($plan, $act->oven);
        $code = match (true) {
            $act->celsius === 0 => 'day-act.oven-off',
            $act->fromCelsius === 0 => 'day-act.oven-on',
            default => $act->celsius > $act->fromCelsius ? 'day-act.oven-up' : 'day-act.oven-down',
        };

        return new DayAct($act->minute, $act->minute, null, '', $act->oven, new Statement($code, ['oven' => $oven->name ?? '', 'dialovenCelsius' => $act->celsius - ($oven->runsByKelvins ?? 0.0), 'byMinute' => $act->byMinute]), [], false);
    }
}

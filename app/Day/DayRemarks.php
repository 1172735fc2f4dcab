<?php

declare(strict_types=1);

namespace App\Day;

use Hojaldre\Core\Day\OrderFrom;
use Hojaldre\Core\Day\Plan\DayPlan;
use Hojaldre\Core\Day\Plan\Served;
use Hojaldre\Core\Statement\Statement;

/** What has to be said of a plan in a few plain sentences. */
final readonly class DayRemarks
{
    /**
     * @param  array<string, string>  $names  of the pie of each order
     * @return list<Statement>
     */
    public static function of(DayPlan $plan, array $names): array
    {
        $says = [];
        foreach ($plan->day->orders as $order) {
            if (in_array($order->id, $plan->refused, true)) {
                $says[] = new Statement($order->from === OrderFrom::Frozen ? 'day.refused-frozen' : 'day.refused', ['pie' => $names[$order->id] ?? '']);
            }
        }
        if (! $plan->isPossible) {
            return [...$says, new Statement('day.impossible')];
        }
        foreach ($plan->brokenPins as $id) {
            $task = $plan->task($id);
            $says[] = new Statement('day.broken-pin', ['task' => $task === null ? '' : $task->task->title]);
        }

        return [...$says, ...self::late($plan, $names), ...self::nearBest($plan)];
    }

    /**
     * @param  array<string, string>  $names
     * @return list<Statement>
     */
    private static function late(DayPlan $plan, array $names): array
    {
        $late = array_values(array_filter($plan->served, static fn (Served $one): bool => $one->lateMinutes() > 0));
        $says = array_map(static fn (Served $one): Statement => new Statement('day.late', ['pie' => $names[$one->order] ?? '', 'lateMinutes' => $one->lateMinutes(), 'readyMinute' => $one->readyMinute]), $late);

        return $says === [] ? [] : [...$says, new Statement($plan->leastLateMinutes > 0 ? 'day.late-at-best' : 'day.late-unproven', ['leastMinutes' => $plan->leastLateMinutes])];
    }

    /** @return list<Statement> how far from the best there can be */
    private static function nearBest(DayPlan $plan): array
    {
        $start = $plan->startMinute();
        if ($start === null || $plan->lateMinutes() > 0) {
            return [];
        }
        $apart = $plan->latestStartMinute - $plan->day->spareMinutes - $start;

        return [new Statement($apart <= 0 ? 'day.best' : 'day.near-best', ['startMinute' => $start, 'latestMinute' => $plan->latestStartMinute - $plan->day->spareMinutes, 'spareMinutes' => $plan->day->spareMinutes])];
    }
}

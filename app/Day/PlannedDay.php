<?php

declare(strict_types=1);

namespace App\Day;

use App\Batch\StoredBatch;
use App\Kitchen\Kitchen;
use App\Pastry\DoughWater;
use App\Pastry\KitchenDough;
use App\Pie\PieRevision;
use Hojaldre\Core\Batch\Batch;
use Hojaldre\Core\Batch\PieOfBatch;
use Hojaldre\Core\Day\Day;
use Hojaldre\Core\Day\OwnMinutes;
use Hojaldre\Core\Day\Plan\AsTold;
use Hojaldre\Core\Day\Plan\DayPlan;
use Hojaldre\Core\Day\Plan\Planner;
use Hojaldre\Core\Day\Plan\WayOnTime;
use Hojaldre\Core\Day\Plan\WaysOnTime;
use Hojaldre\Core\Day\Task\DayExpansion;
use Hojaldre\Core\Forecast\PaperWarning;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Refusal\Refusal;
use Hojaldre\Core\Refusal\Refused;
use Hojaldre\Core\Statement\Statement;

/** A day planned with what the kitchen is and has: its pies, doughs, pace, marks. */
final readonly class PlannedDay
{
    /** Of a kitchen nobody said anything of, °C (common practice, no source). */
    private const USUAL_CELSIUS = 21.0;

    /**
     * @param  array<string, PieOfBatch>  $pies  by their uuid
     * @param  array<string, Pie>  $designs  by their uuid
     * @param  array<string, PaperWarning>  $warnings  by pie
     */
    private function __construct(public DayPlan $plan, public array $pies, public OwnMinutes $own, public array $designs, public array $warnings)
    {
    }

    /** @throws Refused no-such-pie, for each order of a pie that is not in the kitchen */
    public static function of(Kitchen $kitchen, PlanWish $wish): self
    {
        $designs = self::designs($kitchen, $wish->day);
        $batch = self::batch($kitchen, $wish->batch);
        $stored = $wish->stored === null ? null : StoredDay::inKitchen($kitchen, $wish->stored);
        $own = DayMark::ownMinutes($kitchen);
        $warnings = DayWarning::all($wish->day, $designs);
        $expansion = self::expansion($kitchen, $wish->day, $batch, $designs, $own, $warnings);
        $told = $stored === null || $wish->nowMinute === null ? [] : $stored->newest()->told;
        $marks = $stored === null ? [] : DayMark::marks($stored);
        $marks = $wish->nowMinute !== null && $wish->isAsTold ? AsTold::marks($expansion->tasks, $told, $marks, $wish->day->pins, $wish->nowMinute) : $marks;
        $plan = Planner::plan($wish->day, $expansion->tasks, $expansion->refused, $marks, $wish->nowMinute, $told, $wish->isQuick);

        return new self($plan, $expansion->pies, $own, $designs, $warnings);
    }

    /** @return list<WayOnTime> with the name of the pie where one order is meant */
    public static function ways(Kitchen $kitchen, PlanWish $wish): array
    {
        $designs = self::designs($kitchen, $wish->day);
        $batch = self::batch($kitchen, $wish->batch);
        $marks = $wish->stored === null ? [] : DayMark::marks(StoredDay::inKitchen($kitchen, $wish->stored));
        $own = DayMark::ownMinutes($kitchen);
        $planned = static function (Day $day) use ($kitchen, $batch, $designs, $marks, $wish, $own): DayPlan {
            $expansion = self::expansion($kitchen, $day, $batch, $designs, $own);

            return Planner::plan($day, $expansion->tasks, $expansion->refused, $marks, $wish->nowMinute, [], true);
        };

        $names = [];
        foreach ($wish->day->orders as $order) {
            $names[$order->id] = $designs[$order->pie]->name;
        }

        return array_map(static function (WayOnTime $way) use ($names): WayOnTime {
            $order = $way->act->with['order'] ?? '';

            return new WayOnTime(new Statement($way->act->code, ['pie' => is_string($order) ? $names[$order] ?? '' : '', ...$way->act->with]), $way->day, $way->lateMinutes);
        }, WaysOnTime::of($planned($wish->day), $planned));
    }

    /**
     * @param  array<string, Pie>  $designs
     * @param  array<string, PaperWarning>  $warnings
     */
    private static function expansion(Kitchen $kitchen, Day $day, ?Batch $batch, array $designs, OwnMinutes $own, array $warnings = []): DayExpansion
    {
        return DayExpansion::of(
            $day, $batch, $designs, KitchenDough::formulasOf($kitchen), DoughWater::accepted($kitchen), $batch->kitchenCelsius ?? self::USUAL_CELSIUS, $own,
            array_combine(array_keys($warnings), array_map(static fn (PaperWarning $one, string $pie): array => DayWarning::says($one, DayWarning::isKept($day, $pie)), $warnings, array_keys($warnings))),
        );
    }

    private static function batch(Kitchen $kitchen, ?string $id): ?Batch
    {
        return $id === null ? null : StoredBatch::inKitchen($kitchen, $id)->document();
    }

    /**
     * @return array<string, Pie>
     *
     * @throws Refused no-such-pie
     */
    public static function designs(Kitchen $kitchen, Day $day): array
    {
        $wanted = array_values(array_unique(array_map(static fn ($order): string => $order->pie, $day->orders)));
        $revisions = PieRevision::newestOf($kitchen->pies()->whereIn('id', $wanted)->get());
        $refusals = [];
        foreach ($day->orders as $index => $order) {
            if (! isset($revisions[$order->pie])) {
                $refusals[] = new Refusal('no-such-pie', "/day/orders/$index/pie");
            }
        }
        if ($refusals !== []) {
            throw Refused::with($refusals);
        }

        return array_map(static fn (PieRevision $one): Pie => $one->pie(), $revisions);
    }
}

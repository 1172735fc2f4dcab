<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Day\Plan\DayAct;
use Hojaldre\Core\Day\Plan\DayActs;
use Hojaldre\Core\Day\Plan\DayPlan;
use Hojaldre\Core\Day\Plan\Explanation;
use Hojaldre\Core\Day\Plan\Idle;
use Hojaldre\Core\Day\Plan\OvenAct;
use Hojaldre\Core\Day\Plan\PlannedTask;
use Hojaldre\Core\Day\Plan\Served;
use Hojaldre\Core\Day\Task\Bound;
use Hojaldre\Core\Statement\Statement;

/** A planned day. All minutes are from midnight of the day. */
#[Schema('DayPlan')]
final readonly class DayPlanAnswer
{
    /**
     * @param  bool  $isPossible  false where no plan keeps every bound
     * @param  int|null  $startMinute  of the first task; null where there is none
     * @param  int  $lateMinutes  all orders together
     * @param  int  $handsMinutes  of all cooks together
     * @param  int  $totalMinutes  from the first task to the last serving
     * @param  list<string>  $says  how good the plan is, and what does not fit
     * @param  list<DayTaskAnswer>  $tasks  in the order of time
     * @param  list<DayBoundAnswer>  $bounds
     * @param  list<DayActAnswer>  $acts  what people do, in the order of time
     * @param  list<OvenTurnAnswer>  $ovenTurns
     * @param  list<ServedAnswer>  $served
     * @param  list<IdleAnswer>  $idles
     * @param  list<string>  $pace  how this kitchen's minutes differ from what is usual, as its marks tell
     * @param  list<DayWarning>  $warnings  pies whose minutes are not safe, or that are kept and cool too slowly
     * @param  list<string>  $brokenPins  ids of tasks that could not stay where they were put
     */
    private function __construct(
        public bool $isPossible,
        public ?int $startMinute,
        public int $lateMinutes,
        public int $handsMinutes,
        public int $totalMinutes,
        public array $says,
        public array $tasks,
        public array $bounds,
        public array $acts,
        public array $ovenTurns,
        public array $served,
        public array $idles,
        public array $pace,
        public array $brokenPins,
        public ?WhyAnswer $why,
        public array $warnings,
    ) {
    }

    public static function of(PlannedDay $planned, ?string $why, Words $words): self
    {
        $plan = $planned->plan;
        $start = $plan->startMinute();
        $last = max([$start ?? 0, ...array_map(static fn (Served $one): int => max($one->dueMinute, $one->readyMinute), $plan->served)]);
        $names = PieNames::of($planned);
        $explained = $why === null ? null : $plan->task($why);

        return new self(
            $plan->isPossible, $start, $plan->lateMinutes(),
            (int) array_sum(array_map(static fn (PlannedTask $one): int => $one->task->handsMinutes(), $plan->tasks)), $start === null ? 0 : $last - $start,
            array_map($words->say(...), [...DayRemarks::of($plan, $names), ...self::waited($plan)]),
            array_map(static fn (PlannedTask $one): DayTaskAnswer => DayTaskAnswer::of($plan, $one, $words), $plan->tasks),
            array_map(static fn (Bound $one): DayBoundAnswer => new DayBoundAnswer($one->from, $one->to, $one->leastMinutes, $one->mostMinutes, $one->between), $plan->bounds),
            array_map(static fn (DayAct $one): DayActAnswer => DayActAnswer::of($one, $words), DayActs::of($plan, $names)),
            array_map(static fn (OvenAct $one): OvenTurnAnswer => new OvenTurnAnswer($one->oven, $one->minute, $one->byMinute, $one->celsius, $one->fromCelsius), $plan->ovenActs),
            array_map(static fn (Served $one): ServedAnswer => new ServedAnswer($one->order, $one->count, $one->dueMinute, $one->readyMinute, $one->lateMinutes()), $plan->served),
            array_map(static fn (Idle $one): IdleAnswer => IdleAnswer::of($one, $plan, $words), $plan->idles), self::pace($planned, $words), $plan->brokenPins,
            $explained === null ? null : WhyAnswer::of(Explanation::of($plan, $explained), $words),
            DayWarning::answers($plan->day, $planned->warnings, $planned->designs, $words),
        );
    }

    /** @return list<string> */
    private static function pace(PlannedDay $planned, Words $words): array
    {
        $factors = $planned->own->factors();

        return array_map(static fn (string $kind, float $factor): string => $words->say(new Statement('day.pace', ['kind' => $words->word('task-short', $kind), 'sharePercent' => 100 * $factor])), array_keys($factors), $factors);
    }

    /** @return list<Statement> */
    private static function waited(DayPlan $plan): array
    {
        $says = [];
        foreach ($plan->waited as $id) {
            $task = $plan->task($id);
            if ($task !== null) {
                $says[] = new Statement('day.waited', ['task' => $task->task->title]);
            }
        }

        return $says;
    }
}

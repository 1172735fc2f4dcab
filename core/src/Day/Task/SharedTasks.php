<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Task;

use Hojaldre\Core\Batch\DoughPlan;
use Hojaldre\Core\Batch\PastryPlan;
use Hojaldre\Core\Batch\Prep\ActKind;
use Hojaldre\Core\Batch\Prep\PieShare;
use Hojaldre\Core\Batch\Prep\PrepAct;
use Hojaldre\Core\Batch\Prep\PrepList;
use Hojaldre\Core\Day\DayKitchen;
use Hojaldre\Core\Day\DayOven;
use Hojaldre\Core\Day\Order;
use Hojaldre\Core\Day\OwnMinutes;
use Hojaldre\Core\Moisture\Phase;
use Hojaldre\Core\Moisture\PhaseName;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Pastry\Dough\Vessel;
use Hojaldre\Core\Pastry\Rest\Rest;
use Hojaldre\Core\Pastry\Rest\RestName;
use Hojaldre\Core\Statement\Statement;

/** What is done once for several pies: doughs, and the prep acts of the fillings. What is cooked cools before it meets dough or egg. */
final readonly class SharedTasks
{
    /** Vegetables are roasted at, °C static (common practice, no source). */
    private const ROAST_CELSIUS = 200.0;

    /** Putting a lid on, stirring now and then: the hands that a pot wants besides (common practice, no source). */
    private const LOOK_MINUTES = 1;

    public function __construct(private DayKitchen $kitchen, private OwnMinutes $own)
    {
    }

    /**
     * @param  array<int, list<Order>>  $ordersOf  by number of the pie, what is wanted first at the front
     * @return array{list<Task>, list<Bound>, array<string, list<Bound>>} tasks, bounds among them, and by order bounds yet to be led to what fills its pies
     */
    public function of(PrepList $prep, PastryPlan $pastry, array $ordersOf): array
    {
        $tasks = $bounds = $cools = $goes = [];
        $last = null;
        foreach ($prep->acts as $act) {
            if ($act->kind === ActKind::Dough || $act->kind === ActKind::Cut || $act->kind === ActKind::Cook) {
                $own = $this->goes($act, $pastry, Goes::of($act, $ordersOf));
                $goes[$act->id] = $own;
                $tasks = [...$tasks, ...$own];
                $last = $act;
            } elseif ($act->kind === ActKind::Cool && $act->cooling !== null && $last !== null) {
                // it cools after what was cooked just before it
                $cools[$last->id] = (int) ceil($act->waitMinutes);
            }
        }
        $goesOn = [];
        foreach ($prep->acts as $act) {
            foreach ($act->kind === ActKind::Cook ? self::before($act, $prep) : [] as $earlier) {
                $bounds = [...$bounds, ...self::led($goes[$earlier->id], $goes[$act->id])];
                foreach ($act->shares as $share) {
                    $goesOn[$earlier->id][$share->number] = true;
                }
            }
        }

        return [$tasks, $bounds, self::toOrders($prep, $goes, $goesOn, $cools, $ordersOf)];
    }

    /**
     * Each go is a task of its own, for the orders that it is enough for.
     *
     * @param  list<list<string>>  $orders  of each go
     * @return list<Task>
     */
    private function goes(PrepAct $act, PastryPlan $pastry, array $orders): array
    {
        $tasks = [];
        foreach ($orders as $go => $for) {
            $id = count($orders) === 1 ? $act->id : "$act->id#".($go + 1);
            $title = count($orders) === 1 ? $act->title : new Statement('task.go', ['task' => $act->title, 'go' => $go + 1, 'goes' => count($orders)]);
            $tasks[] = $act->kind === ActKind::Dough ? $this->mixing($id, $title, $act, self::planOf($pastry, $act->food), $for) : $this->pan($id, $title, $act, $for);
        }

        return $tasks;
    }

    /**
     * What is cut before it is cooked, and the step before this one of the same food.
     *
     * @return list<PrepAct>
     */
    private static function before(PrepAct $act, PrepList $prep): array
    {
        $way = static fn (string $id): string => substr($id, 0, (int) strrpos($id, ':'));
        $step = static fn (string $id): int => (int) substr($id, (int) strrpos($id, ':') + 1);

        return array_values(array_filter($prep->acts, static fn (PrepAct $one): bool => match ($one->kind) {
            ActKind::Cut => array_intersect($one->foods, $act->foods) !== [] && self::sharesPie($one, $act),
            ActKind::Cook => str_starts_with($one->id, 'cook:') && $way($one->id) === $way($act->id) && $step($one->id) === $step($act->id) - 1,
            default => false,
        }));
    }

    private static function sharesPie(PrepAct $a, PrepAct $b): bool
    {
        $numbers = static fn (PrepAct $one): array => array_map(static fn (PieShare $share): int => $share->number, $one->shares);

        return array_intersect($numbers($a), $numbers($b)) !== [];
    }

    /**
     * Go after go where there are as many, else all of them first.
     *
     * @param  list<Task>  $from
     * @param  list<Task>  $to
     * @return list<Bound>
     */
    private static function led(array $from, array $to): array
    {
        $bounds = [];
        foreach ($from as $at => $one) {
            foreach ($to as $other => $next) {
                if (count($from) !== count($to) || $at === $other) {
                    $bounds[] = new Bound($one->id, $next->id, 0, null);
                }
            }
        }

        return $bounds;
    }

    private static function planOf(PastryPlan $pastry, string $food): ?DoughPlan
    {
        foreach ($pastry->doughs as $plan) {
            if ($plan->dough->id === $food) {
                return $plan;
            }
        }

        return null;
    }

    /** @param  list<string>  $orders */
    private function mixing(string $id, Statement $title, PrepAct $act, ?DoughPlan $plan, array $orders): Task
    {
        $folds = array_values(array_filter($plan?->rests() ?? [], static fn (Rest $one): bool => $one->name === RestName::BetweenFolds && ! in_array($one->name, $plan->choice->skipped ?? [], true)));
        $waits = $folds === [] ? 0 : $folds[0]->times;
        $wait = $folds === [] ? 0 : (int) $folds[0]->usualMinutes;
        $each = (int) ceil($this->own->of(TaskKind::Mix, $act->minutes() / $act->goes) / ($waits + 1));
        $parts = [];
        $at = 0;
        for ($turn = 0; $turn <= $waits; $turn++) {
            $parts[] = Part::hands($at, $each);
            $at += $each + ($turn < $waits ? $wait : 0);
        }
        if (in_array($plan?->choice->vessel, [Vessel::Mixer, Vessel::Processor], true)) {
            $parts[] = new Part(Resource::Mixer, 0, $each);
        }

        return new Task($id, TaskKind::Mix, $title, $orders, '', $at, $parts, [], $act->says);
    }

    /** @param  list<string>  $orders */
    private function pan(string $id, Statement $title, PrepAct $act, array $orders): Task
    {
        $kind = $act->kind === ActKind::Cut ? TaskKind::Cut : TaskKind::Cook;
        $parts = $heats = [];
        $at = 0;
        foreach ($act->phases as $phase) {
            $minutes = $this->own->of($kind, $phase->minutes);
            $parts[] = self::hands($phase, $at, $minutes);
            if ($phase->name->isInPan() || $phase->name === PhaseName::Boil) {
                $parts[] = new Part(Resource::Ring, $at, $minutes);
            } elseif ($phase->name === PhaseName::Oven) {
                $heats[] = [$at, $minutes];
            }
            $at += $minutes;
        }

        return new Task($id, $kind, $title, $orders, '', max(1, $at), $parts, $this->ovens($heats), $act->says);
    }

    /** Hands stay at a hot pan; a lid, a low flame, an oven and salt want them at the beginning only. */
    private static function hands(Phase $phase, int $at, int $minutes): Part
    {
        $stays = in_array($phase->name, [PhaseName::Open, PhaseName::Hot, PhaseName::Work, PhaseName::Squeeze, PhaseName::Press, PhaseName::Drain], true);

        return $stays ? Part::hands($at, $minutes) : Part::hands($at, min($minutes, self::LOOK_MINUTES), PartName::Start);
    }

    /**
     * @param  list<array{int, int}>  $heats
     * @return list<OvenOption>
     */
    private function ovens(array $heats): array
    {
        return $heats === [] ? [] : array_map(static fn (DayOven $oven): OvenOption => new OvenOption(
            $oven->id, 1, array_map(static fn (array $one): HeatPart => new HeatPart($one[0], $one[1], $oven->celsius(self::ROAST_CELSIUS, OvenMode::Static)), $heats),
        ), $this->kitchen->ovens);
    }

    /**
     * @param  array<string, list<Task>>  $goes  by act
     * @param  array<string, array<int, true>>  $goesOn  acts that reach a pie through another one
     * @param  array<string, int>  $cools  minutes after each
     * @param  array<int, list<Order>>  $ordersOf
     * @return array<string, list<Bound>>
     */
    private static function toOrders(PrepList $prep, array $goes, array $goesOn, array $cools, array $ordersOf): array
    {
        $by = [];
        foreach ($prep->acts as $act) {
            foreach ($act->kind === ActKind::Dough ? [] : $goes[$act->id] ?? [] as $task) {
                foreach ($act->shares as $share) {
                    $orders = isset($goesOn[$act->id][$share->number]) ? [] : array_map(static fn (Order $one): string => $one->id, $ordersOf[$share->number] ?? []);
                    foreach (array_intersect($orders, $task->orders) as $order) {
                        $cool = $cools[$act->id] ?? 0;
                        $by[$order][] = new Bound($task->id, '', $cool, null, $cool > 0 ? Between::Cools : Between::Follows);
                    }
                }
            }
        }

        return $by;
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Task;

use Hojaldre\Core\Batch\Batch;
use Hojaldre\Core\Batch\BatchLine;
use Hojaldre\Core\Batch\DoughPlan;
use Hojaldre\Core\Batch\FoldChoice;
use Hojaldre\Core\Batch\PastryPlan;
use Hojaldre\Core\Batch\PieOfBatch;
use Hojaldre\Core\Batch\Prep\PrepList;
use Hojaldre\Core\Day\Day;
use Hojaldre\Core\Day\Order;
use Hojaldre\Core\Day\OrderFrom;
use Hojaldre\Core\Day\OwnMinutes;
use Hojaldre\Core\Pastry\Dough\Formula;
use Hojaldre\Core\Pastry\Rolled\LiningChoice;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Statement\Statement;

/** From what is ordered to all that is to be done: the prep of the batch once, and for each load what it takes. */
final readonly class DayExpansion
{
    /**
     * @param  array<string, PieOfBatch>  $pies  by their uuid, with all that is made of them from scratch; of others with one
     * @param  list<string>  $refused  ids of orders that cannot be baked here
     */
    private function __construct(public DayTasks $tasks, public array $pies, public array $refused)
    {
    }

    /**
     * @param  Batch|null  $batch  whose choices of doughs and tins hold; null for what is usual
     * @param  array<string, Pie>  $designs  by their uuid
     * @param  array<string, Formula>  $formulas  by dough
     * @param  array<string, list<float>>  $tookPercents  by dough
     * @param  array<string, list<Statement>>  $warnings  what stands first at the bake, by pie
     */
    public static function of(Day $day, ?Batch $batch, array $designs, array $formulas, array $tookPercents, float $kitchenCelsius, OwnMinutes $own, array $warnings = []): self
    {
        $pies = self::pies($day, $batch, $designs);
        $made = array_values(array_filter($pies, static fn (PieOfBatch $one): bool => self::scratch($day, $one->line->pie) !== []));
        $together = new Batch($day->name, array_map(static fn (PieOfBatch $one): BatchLine => $one->line, $made), $batch->doughs ?? [], $kitchenCelsius, $batch->panGrams ?? Batch::USUAL_PAN_GRAMS);
        $pastry = PastryPlan::of($together, $made, $formulas, $tookPercents);
        $ordersOf = [];
        foreach ($made as $one) {
            $ordersOf[$one->number] = self::scratch($day, $one->line->pie);
        }
        [$tasks, $bounds, $fillings] = (new SharedTasks($day->kitchen, $own))->of(PrepList::of($together, $made, $pastry), $pastry, $ordersOf);
        $doughs = array_values(array_filter($tasks, static fn (Task $one): bool => $one->kind === TaskKind::Mix));
        $holds = $goals = $refused = [];
        $each = new LoadTasks($day, $own, $kitchenCelsius, $warnings);
        foreach ($day->orders as $order) {
            $of = $pies[$order->pie];
            $loads = Load::of($order, $of, $day);
            $wholes = array_map(static fn (Load $load): ?DayTasks => $each->of($load, self::dough($pastry, $of), $fillings[$order->id] ?? [], $doughs), $loads);
            if ($loads === [] || in_array(null, $wholes, true)) {
                $refused[] = $order->id;

                continue;
            }
            foreach ($wholes as $whole) {
                $tasks = [...$tasks, ...$whole->tasks];
                $bounds = [...$bounds, ...$whole->bounds];
                $holds = [...$holds, ...$whole->holds];
                $goals = [...$goals, ...$whole->goals];
            }
            $bounds = [...$bounds, ...self::tinsInTurn($order, $loads)];
        }

        return new self(self::needed(new DayTasks($tasks, $bounds, $holds, $goals)), $pies, $refused);
    }

    /**
     * @param  array<string, Pie>  $designs
     * @return array<string, PieOfBatch>
     */
    private static function pies(Day $day, ?Batch $batch, array $designs): array
    {
        $lines = [];
        foreach ($batch->lines ?? [] as $line) {
            $lines[$line->pie] = $line;
        }
        $pies = [];
        foreach ($day->orders as $order) {
            if (! isset($pies[$order->pie])) {
                $count = (int) array_sum(array_map(static fn (Order $one): int => $one->count, self::scratch($day, $order->pie)));
                $line = $lines[$order->pie] ?? null;
                $pies[$order->pie] = new PieOfBatch(
                    count($pies) + 1, new BatchLine($order->pie, max(1, $count), $line->lining ?? LiningChoice::usual(), $line->fold ?? FoldChoice::asDesigned()), $designs[$order->pie],
                );
            }
        }

        return $pies;
    }

    /** @return list<Order> of a pie that are made from scratch */
    private static function scratch(Day $day, string $pie): array
    {
        return array_values(array_filter($day->orders, static fn (Order $one): bool => $one->pie === $pie && $one->from === OrderFrom::Scratch));
    }

    private static function dough(PastryPlan $pastry, PieOfBatch $pie): ?DoughPlan
    {
        foreach ($pastry->doughs as $plan) {
            if ($plan->dough->id === $pie->pie->crust->dough->id) {
                return $plan;
            }
        }

        return null;
    }

    /**
     * Where there are only so many tins, a load is lined when one before it is out of them and they are washed.
     *
     * @param  list<Load>  $loads
     * @return list<Bound>
     */
    private static function tinsInTurn(Order $order, array $loads): array
    {
        if ($order->tins === null || count($loads) < 2 || $loads[0]->pies->folded() !== null || $order->from !== OrderFrom::Scratch) {
            return [];
        }
        $bounds = [];
        $together = max(1, intdiv($order->tins, $loads[0]->count()));
        foreach (array_slice($loads, $together) as $at => $load) {
            $bounds[] = new Bound("unmould:{$loads[$at]->id}", "line:$load->id", 0, null, Between::Washed);
        }

        return $bounds;
    }

    /** Without what is for orders that were refused. */
    private static function needed(DayTasks $all): DayTasks
    {
        $wanted = [];
        foreach ($all->goals as $goal) {
            $wanted[$goal->order] = true;
        }
        $tasks = array_values(array_filter($all->tasks, static fn (Task $one): bool => array_filter($one->orders, static fn (string $id): bool => isset($wanted[$id])) !== []));
        $ids = array_flip(array_map(static fn (Task $one): string => $one->id, $tasks));

        return new DayTasks($tasks, array_values(array_filter($all->bounds, static fn (Bound $one): bool => isset($ids[$one->from], $ids[$one->to]))), $all->holds, $all->goals);
    }
}

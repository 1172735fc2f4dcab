<?php

declare(strict_types=1);

namespace Hojaldre\Core\Batch;

use Hojaldre\Core\Pastry\Dough\Formula;

/** The pastry of a batch: its doughs, in the order of the pies. */
final readonly class PastryPlan
{
    /** @param  list<DoughPlan>  $doughs */
    private function __construct(public array $doughs)
    {
    }

    /**
     * @param  list<PieOfBatch>  $pies
     * @param  array<string, Formula>  $formulas  by dough
     * @param  array<string, list<float>>  $tookPercents  by dough, what earlier makings took
     */
    public static function of(Batch $batch, array $pies, array $formulas, array $tookPercents): self
    {
        $byDough = [];
        foreach ($pies as $one) {
            $byDough[$one->pie->crust->dough->id][] = $one;
        }
        $doughs = [];
        foreach ($byDough as $id => $group) {
            $id = (string) $id;
            $doughs[] = DoughPlan::of($group[0]->pie->crust->dough, $formulas[$id] ?? null, $batch->doughChoice($id), $group, $tookPercents[$id] ?? [], $batch->kitchenCelsius);
        }

        return new self($doughs);
    }
}

<?php

declare(strict_types=1);

namespace App\Pastry;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Batch\DoughPlan;
use Hojaldre\Core\Batch\PastryPlan;

#[Schema('Pastry')]
final readonly class PastryAnswer
{
    /** @param  list<DoughPlanAnswer>  $doughs */
    private function __construct(public array $doughs)
    {
    }

    /**
     * @param  list<string>  $own  doughs that have a formula of the kitchen's own
     * @param  array<string, list<DoughWater>>  $waters  by dough
     */
    public static function of(PastryPlan $plan, array $own, array $waters, Words $words): self
    {
        return new self(array_map(
            static fn (DoughPlan $one): DoughPlanAnswer => DoughPlanAnswer::of($one, in_array($one->dough->id, $own, true), $waters[$one->dough->id] ?? [], $words), $plan->doughs,
        ));
    }
}

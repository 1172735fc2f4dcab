<?php

declare(strict_types=1);

namespace App\Prep;

use App\Batch\BatchPies;
use App\Food\KitchenFood;
use App\Kitchen\Kitchen;
use App\Pastry\DoughWater;
use App\Pastry\KitchenDough;
use Hojaldre\Core\Batch\Batch;
use Hojaldre\Core\Batch\LeftOver;
use Hojaldre\Core\Batch\PastryPlan;
use Hojaldre\Core\Batch\PieOfBatch;
use Hojaldre\Core\Batch\Prep\PrepList;
use Hojaldre\Core\Batch\Prep\ShoppingList;
use Hojaldre\Core\Batch\Prep\WeighingList;

/** All lists of a batch, worked out with what the kitchen has and pays. */
final readonly class BatchPrep
{
    /**
     * @param  list<WeighingList>  $weighing
     * @param  list<LeftOver>  $left
     */
    private function __construct(public PrepList $prep, public ShoppingList $shopping, public array $weighing, public array $left)
    {
    }

    public static function of(Kitchen $kitchen, Batch $batch): self
    {
        $pies = BatchPies::of($kitchen, $batch);
        $pastry = PastryPlan::of($batch, $pies, KitchenDough::formulasOf($kitchen), DoughWater::accepted($kitchen));

        return new self(
            PrepList::of($batch, $pies, $pastry), ShoppingList::of($pies, $pastry, KitchenFood::pricesPerKg($kitchen), KitchenFood::stockGrams($kitchen)),
            array_map(static fn (PieOfBatch $one): WeighingList => WeighingList::of($one), $pies), LeftOver::of($pastry),
        );
    }
}

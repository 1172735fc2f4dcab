<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast;

use Hojaldre\Core\Pastry\DoughNeed;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\Pie;

/** Everything that goes into so many tins of one design, as bought, and what it costs where prices are known. */
final readonly class Bill
{
    /** (definition) */
    public const MOST_TINS = 200;

    /**
     * @param  list<BillLine>  $lines  each food once, in the order of the pie
     * @param  float|null  $cost  of what has a price, in the kitchen's money
     * @param  int  $unpriced  lines without a price
     */
    private function __construct(public int $tins, public array $lines, public ?float $cost, public ?float $costOfAPortion, public int $unpriced)
    {
    }

    /**
     * @param  int  $tins  1 to MOST_TINS
     * @param  array<string, float>  $pricesPerKg  by food id, in the kitchen's money
     */
    public static function of(Pie $pie, int $tins, array $pricesPerKg = []): self
    {
        $lines = array_map(static function (Ingredient $one) use ($tins, $pricesPerKg): BillLine {
            $all = $tins === 1 ? $one : $one->scaled($tins);
            $price = $pricesPerKg[$one->food->id] ?? null;

            return new BillLine($all, $price === null ? null : round($all->grams() / 1000 * $price, 2));
        }, self::eachFoodOnce($pie));
        $costs = array_filter(array_map(static fn (BillLine $line): ?float => $line->cost, $lines), static fn (?float $cost): bool => $cost !== null);
        $cost = $costs === [] ? null : array_sum($costs);

        return new self($tins, $lines, $cost, $cost === null ? null : $cost / $tins / $pie->portions, count($lines) - count($costs));
    }

    /** @return list<Ingredient> */
    private static function eachFoodOnce(Pie $pie): array
    {
        $once = [];
        foreach ([new Ingredient($pie->crust->dough, Amount::of(DoughNeed::grams($pie->tin, $pie->crust))), ...$pie->ingredients()] as $one) {
            if ($one->grams() > 0) {
                $once[$one->food->id] = isset($once[$one->food->id]) ? $once[$one->food->id]->with($once[$one->food->id]->grams() + $one->grams()) : $one;
            }
        }

        return array_values($once);
    }

    /**
     * What a portion is sold for, so that of its price so much is left over when its food and all else it costs is paid.
     *
     * @param  float  $marginPercent  of the price, 0 to 99
     * @param  float  $otherCost  of a portion: hands, heat, box, in the kitchen's money
     */
    public function priceOfAPortion(float $marginPercent, float $otherCost): ?float
    {
        return $this->costOfAPortion === null ? null : ($this->costOfAPortion + $otherCost) / (1 - $marginPercent / 100);
    }
}

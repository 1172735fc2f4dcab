<?php

declare(strict_types=1);

namespace App\Forecast;

use App\Contract\Schema;
use Hojaldre\Core\Forecast\Bill;

#[Schema('Bill')]
final readonly class BillAnswer
{
    /**
     * @param  list<BillLineAnswer>  $lines
     * @param  float|null  $cost  of what has a price, in the kitchen's money
     * @param  int  $unpriced  lines without a price
     * @param  float|null  $priceOfAPortion  what it is sold for; null while no margin is wanted, or nothing has a price
     * @param  Pricing  $pricing  how the kitchen reckons it
     */
    private function __construct(public int $tins, public array $lines, public ?float $cost, public ?float $costOfAPortion, public int $unpriced, public ?float $priceOfAPortion, public Pricing $pricing)
    {
    }

    public static function of(Bill $bill, Pricing $pricing): self
    {
        $price = $pricing->marginPercent === null ? null : $bill->priceOfAPortion($pricing->marginPercent, $pricing->otherCost ?? 0.0);

        return new self($bill->tins, array_map(BillLineAnswer::of(...), $bill->lines), Rounded::to($bill->cost, 2), Rounded::to($bill->costOfAPortion, 2), $bill->unpriced, Rounded::to($price, 2), $pricing);
    }
}

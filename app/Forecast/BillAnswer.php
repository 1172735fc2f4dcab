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
     */
    private function __construct(public int $tins, public array $lines, public ?float $cost, public ?float $costOfAPortion, public int $unpriced)
    {
    }

    public static function of(Bill $bill): self
    {
        return new self($bill->tins, array_map(BillLineAnswer::of(...), $bill->lines), Rounded::to($bill->cost, 2), Rounded::to($bill->costOfAPortion, 2), $bill->unpriced);
    }
}

<?php

declare(strict_types=1);

namespace App\Forecast;

use App\Contract\Schema;
use Hojaldre\Core\Document\Whole;
use Hojaldre\Core\Forecast\Bill;
use Hojaldre\Core\Pie\Pie;

#[Schema('BillWish')]
final readonly class BillWish
{
    public function __construct(public Pie $design, #[Whole(1, Bill::MOST_TINS)] public int $tins)
    {
    }
}

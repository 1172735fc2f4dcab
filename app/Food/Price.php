<?php

declare(strict_types=1);

namespace App\Food;

use App\Contract\Schema;
use Hojaldre\Core\Document\Number;

#[Schema('Price')]
final readonly class Price
{
    /** @param  float|null  $pricePerKg  in the kitchen's money; null where it is not known */
    public function __construct(#[Number(0, 100000, '')] public ?float $pricePerKg)
    {
    }
}

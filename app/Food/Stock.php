<?php

declare(strict_types=1);

namespace App\Food;

use App\Contract\Schema;
use Hojaldre\Core\Document\Number;

#[Schema('Stock')]
final readonly class Stock
{
    /** @param  float|null  $stockGrams  as it is bought; null where nobody counts */
    public function __construct(#[Number(0, 1000000, 'g')] public ?float $stockGrams)
    {
    }
}

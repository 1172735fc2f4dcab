<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast;

use Hojaldre\Core\Pie\Ingredient;

/** One food of a bill, as bought. */
final readonly class BillLine
{
    /** @param  float|null  $cost  in the kitchen's money, null without a price */
    public function __construct(public Ingredient $ingredient, public ?float $cost)
    {
    }
}

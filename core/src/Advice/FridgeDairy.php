<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice;

use Hojaldre\Core\Document\Number;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Pie\Amount;

/** A dairy there is, and how much of it. */
final readonly class FridgeDairy
{
    /** @param  float|null  $mostGrams  null where more can be bought */
    public function __construct(public Food $food, #[Number(0, Amount::MOST_GRAMS, 'g')] public ?float $mostGrams)
    {
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Dough;

use Hojaldre\Core\Document\Number;
use Hojaldre\Core\Food\Food;

/** One thing in a dough, in per cent of all its flour. */
final readonly class DoughPart
{
    public function __construct(
        public Food $food,
        #[Number(0, 200, '% of the flour')] public float $percent,
    ) {
    }
}

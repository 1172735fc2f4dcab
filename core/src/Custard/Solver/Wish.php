<?php

declare(strict_types=1);

namespace Hojaldre\Core\Custard\Solver;

/** What the custard should be: how much of it, how firm, how rich; and the eggs there are. */
final readonly class Wish
{
    /**
     * @param  float  $gapMl  room between the solids that it has to fill exactly
     * @param  float  $weepGrams  water that will come out of the solids and counts as liquid
     * @param  float  $gramsPerEgg  liquid to an egg to aim at
     * @param  float  $fatShare  of the custard's weight to aim at, 0 to 1
     * @param  int  $eggs  whole eggs there are, at most MOST_EGGS are used
     * @param  int  $yolks  spare yolks there are, at most MOST_YOLKS are used
     * @param  float  $eggGrams  what one of these eggs weighs without shell; its yolk is 0.34 of that
     */
    public function __construct(
        public float $gapMl,
        public float $weepGrams,
        public float $gramsPerEgg,
        public float $fatShare,
        public int $eggs,
        public int $yolks,
        public float $eggGrams = 50.0,
    ) {
    }
}

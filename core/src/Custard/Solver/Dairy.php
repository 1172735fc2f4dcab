<?php

declare(strict_types=1);

namespace Hojaldre\Core\Custard\Solver;

/** A dairy in the fridge, as the solver sees it: per gram its volume, its liquid and its fat, and how much there is. */
final readonly class Dairy
{
    /**
     * @param  float  $mlPerGram  its volume
     * @param  float  $liquid  share that an egg has to set, 0 to 1
     * @param  float  $fat  share of its weight, 0 to 1
     * @param  float  $mostGrams  in the fridge; INF where it can be bought
     */
    public function __construct(
        public string $id,
        public float $mlPerGram,
        public float $liquid,
        public float $fat,
        public float $mostGrams,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Custard\Solver;

/** One custard that fills the gap. */
final readonly class Answer
{
    /**
     * @param  float  $off  g of liquid and of fat by which it misses the wish, together; 0 is what was asked
     * @param  array<string, float>  $grams  of each dairy, by id, those that are used
     */
    public function __construct(
        public int $eggs,
        public int $yolks,
        public array $grams,
        public float $off,
        public float $gramsPerEgg,
        public float $fatPercent,
    ) {
    }
}

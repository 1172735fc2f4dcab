<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice;

use Hojaldre\Core\Custard\CustardVerdict;
use Hojaldre\Core\Pie\Ingredient;

/** A custard for the gap of a design. */
final readonly class GapAnswer
{
    /**
     * @param  list<Ingredient>  $dairies
     * @param  float  $gramsPerEgg  dairy plus weep to an egg
     * @param  float  $fatPercent  of the custard by weight
     * @param  list<Ingredient>  $leftOver  of what is in the fridge
     * @param  list<Change>  $changes
     */
    public function __construct(
        public int $eggs,
        public int $yolks,
        public array $dairies,
        public float $gramsPerEgg,
        public CustardVerdict $verdict,
        public float $fatPercent,
        public array $leftOver,
        public array $changes,
    ) {
    }
}

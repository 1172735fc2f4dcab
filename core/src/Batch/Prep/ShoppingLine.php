<?php

declare(strict_types=1);

namespace Hojaldre\Core\Batch\Prep;

use Hojaldre\Core\Food\Food;

/** One food to buy. */
final readonly class ShoppingLine
{
    /**
     * @param  float  $needGrams  trimmed, as it goes into the bowl
     * @param  float  $untrimmedGrams  as it is bought
     * @param  float  $haveGrams  in the stores, as it is bought
     * @param  float  $buyGrams  rounded to packs or to what is sold; 0 where enough is there
     * @param  string  $pack  what it is sold in; empty where it is weighed out
     * @param  float|null  $cost  of what is bought, in the kitchen's money; null without a price
     */
    public function __construct(
        public Food $food,
        public float $needGrams,
        public float $untrimmedGrams,
        public float $haveGrams,
        public float $buyGrams,
        public int $packs,
        public string $pack,
        public ?float $cost,
    ) {
    }
}

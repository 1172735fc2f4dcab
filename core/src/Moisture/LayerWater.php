<?php

declare(strict_types=1);

namespace Hojaldre\Core\Moisture;

/**
 * What one layer does with its water.
 *
 * raw = driven off + now; now = floor + weep; weep = bound + free (all in grams, closing exactly).
 * Floor is the weight below which no oven brings it (raw x floor yield). Meat's fat that will leave is counted as weep too, on the safe side.
 */
final readonly class LayerWater
{
    public float $drivenOffGrams;

    public float $floorGrams;

    public float $weepGrams;

    public float $boundGrams;

    public float $freeGrams;

    /**
     * @param  float  $rawGrams  as bought and trimmed
     * @param  float  $nowGrams  as it goes into the pie, at most the raw weight
     * @param  float  $floorYield  0 to 1
     * @param  float  $binderGramsOfWater  capacity of its binder
     */
    public function __construct(
        public float $rawGrams,
        public float $nowGrams,
        public float $floorYield,
        public float $binderGramsOfWater = 0.0,
    ) {
        $this->drivenOffGrams = $rawGrams - $nowGrams;
        $this->floorGrams = min($nowGrams, $rawGrams * $floorYield);
        $this->weepGrams = $nowGrams - $this->floorGrams;
        $this->boundGrams = min($this->weepGrams, $binderGramsOfWater);
        $this->freeGrams = $this->weepGrams - $this->boundGrams;
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Moisture;

/** The weights a food goes through on its way to the pie: bought, then after each step. */
final readonly class PrepSteps
{
    /**
     * @param  float  $boughtGrams  trimmed
     * @param  list<float>  $afterGrams  after each step, never rising
     * @param  float  $waterShare  of the bought weight, 0 to 1
     * @param  float  $waterShareOfLoss  0 to 1; the rest of a loss is fat
     */
    public function __construct(
        public float $boughtGrams,
        public array $afterGrams,
        private float $waterShare,
        private float $waterShareOfLoss,
    ) {
    }

    public function nowGrams(): float
    {
        return $this->afterGrams === [] ? $this->boughtGrams : $this->afterGrams[count($this->afterGrams) - 1];
    }

    /** @return list<float> what each step drove off, g; they sum to bought less now */
    public function lossesGrams(): array
    {
        $before = $this->boughtGrams;
        $losses = [];
        foreach ($this->afterGrams as $after) {
            $losses[] = $before - $after;
            $before = $after;
        }

        return $losses;
    }

    /** Water in it after so many steps, g. */
    public function waterGrams(int $steps): float
    {
        $weight = $this->afterGrams[$steps - 1] ?? $this->boughtGrams;

        return max(0.0, $this->boughtGrams * $this->waterShare - $this->waterShareOfLoss * ($this->boughtGrams - $weight));
    }

    /**
     * The weight to stop at, so that no more than so much will weep in the oven: floor + weep, within what it weighs now.
     *
     * @param  float  $floorYield  share of the bought weight that no oven brings it below
     */
    public function stopAtGrams(float $weepGrams, float $floorYield): float
    {
        return min($this->boughtGrams, $this->boughtGrams * $floorYield + max(0.0, $weepGrams));
    }
}

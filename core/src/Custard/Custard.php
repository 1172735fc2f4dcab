<?php

declare(strict_types=1);

namespace Hojaldre\Core\Custard;

/**
 * Egg against liquid. One egg is 50 g without shell; a yolk or a white sets as half an egg.
 * Every gram of water that leaves the vegetables in the oven counts as dairy.
 */
final readonly class Custard
{
    public const EGG_GRAMS = 50.0;

    /** Above this an egg custard alone no longer holds at all, g liquid to an egg (common practice, no source). */
    public const HOLDS_TO_GRAMS = 150.0;

    /**
     * @param  float  $eggs  whole eggs' worth of setting
     * @param  float  $liquidGrams  of the dairy
     * @param  float  $weepGrams  free water of the other layers
     */
    public function __construct(
        public float $eggs,
        public float $liquidGrams,
        public float $weepGrams,
    ) {
    }

    /** Dairy plus weep, g to an egg; INF without an egg. */
    public function liquidGramsPerEgg(): float
    {
        return $this->eggs > 0 ? ($this->liquidGrams + $this->weepGrams) / $this->eggs : INF;
    }

    /**
     * Temperature at which it sets, °C: T = min(86, 70 + 9 (l/e / 2.4)^0.6), l/e dairy plus weep to egg by weight.
     * Fitted, see docs/model.md: whole egg 70, one egg to 120 ml 79, to 300 ml 85.6 (common practice: 70 for egg alone, 75 to 80 diluted).
     */
    public function setsAtCelsius(): float
    {
        $liquidToEgg = $this->liquidGramsPerEgg() / self::EGG_GRAMS;

        return min(86.0, 70 + 9 * ($liquidToEgg / 2.4) ** 0.6);
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Measure;

/**
 * Which cup and which spoons a kitchen means.
 * Metric: cup 250 ml, tablespoon 15 ml, teaspoon 5 ml (common practice).
 * US: cup 236.588 ml, tablespoon 1/16 and teaspoon 1/48 of it (docs/sources.md#nist-sp-811).
 */
final readonly class KitchenUnits
{
    private function __construct(
        public string $name,
        public float $cupMl,
        public float $tablespoonMl,
        public float $teaspoonMl,
    ) {
    }

    public static function metric(): self
    {
        return new self('metric', 250.0, 15.0, 5.0);
    }

    public static function us(): self
    {
        return new self('US', Volume::ML_PER_US_CUP, Volume::ML_PER_US_CUP / 16, Volume::ML_PER_US_CUP / 48);
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Measure;

/**
 * Which cup and which spoons a cook means.
 * Metric, also British: cup 250 ml, tablespoon 15 ml, teaspoon 5 ml; Australian: tablespoon 20 ml (common practice, no source).
 * US: cup 236.588 ml, tablespoon 1/16 and teaspoon 1/48 of it (docs/sources.md#nist-sp-811).
 */
final readonly class CookUnits
{
    private function __construct(
        public VolumeSystem $system,
        public float $cupMl,
        public float $tablespoonMl,
        public float $teaspoonMl,
    ) {
    }

    public static function of(VolumeSystem $system): self
    {
        return match ($system) {
            VolumeSystem::Metric => new self($system, 250.0, 15.0, 5.0),
            VolumeSystem::Us => new self($system, Volume::ML_PER_US_CUP, Volume::ML_PER_US_CUP / 16, Volume::ML_PER_US_CUP / 48),
            VolumeSystem::Australian => new self($system, 250.0, 20.0, 5.0),
        };
    }
}

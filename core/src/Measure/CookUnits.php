<?php

declare(strict_types=1);

namespace Hojaldre\Core\Measure;

/**
 * Which cup and which spoons a kitchen means.
 * Metric, also British: cup 250 ml, tablespoon 15 ml, teaspoon 5 ml; Australian: tablespoon 20 ml (common practice, no source).
 * US: cup 236.588 ml, tablespoon 1/16 and teaspoon 1/48 of it (docs/sources.md#nist-sp-811).
 */
final readonly class CookUnits
{
    public const NAMES = ['metric', 'us', 'australian'];

    private function __construct(
        public string $name,
        public float $cupMl,
        public float $tablespoonMl,
        public float $teaspoonMl,
    ) {
    }

    /** @param  string  $name one of NAMES; anything else is metric */
    public static function named(string $name): self
    {
        return match ($name) {
            'us' => self::us(),
            'australian' => self::australian(),
            default => self::metric(),
        };
    }

    public static function australian(): self
    {
        return new self('Australian', 250.0, 20.0, 5.0);
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

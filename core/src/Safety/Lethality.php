<?php

declare(strict_types=1);

namespace Hojaldre\Core\Safety;

/**
 * How long a temperature must be held for the same kill: t(T) = t70 x 10^((70 - T)/z), t70 = 2 min, z = 7.5 K
 * (docs/sources.md#fsa-time-temperature).
 */
final readonly class Lethality
{
    public const REFERENCE_CELSIUS = 70.0;

    public const REFERENCE_MINUTES = 2.0;

    public const Z_KELVINS = 7.5;

    /** Range of use 60 to 80 °C, the range of the published pairs. */
    public static function minutesAt(float $celsius): float
    {
        return self::REFERENCE_MINUTES * 10 ** ((self::REFERENCE_CELSIUS - $celsius) / self::Z_KELVINS);
    }

    /** What a minute at this temperature is worth, in minutes at 70 °C. */
    public static function minutesWorth(float $celsius): float
    {
        return exp(2.302585 * ($celsius - self::REFERENCE_CELSIUS) / self::Z_KELVINS);
    }
}

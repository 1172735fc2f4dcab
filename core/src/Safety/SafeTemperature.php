<?php

declare(strict_types=1);

namespace Hojaldre\Core\Safety;

/** What the coldest point of a filling must reach. */
final readonly class SafeTemperature
{
    /** A filling without raw parts is reheated food (docs/sources.md#usda-safe-minimum). */
    public const REHEATED_CELSIUS = 74.0;

    /** @param  list<float>  $wantedCelsius  of its raw parts */
    public static function of(array $wantedCelsius): float
    {
        return $wantedCelsius === [] ? self::REHEATED_CELSIUS : max($wantedCelsius);
    }
}

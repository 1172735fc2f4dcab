<?php

declare(strict_types=1);

namespace Hojaldre\Core\Safety;

/**
 * From the fridge into the oven: how long the slowest of it may lie between 5 and 57 °C. What is raw, four hours in all
 * (docs/sources.md#food-code, 3-501.19, time as a control); what was cooked before is made hot again within two (3-403.11).
 */
final readonly class WarmingLimits
{
    public const RAW_MINUTES = 240.0;

    public const REHEATED_MINUTES = 120.0;

    /** min, from when it went in until its coldest place is above 57 °C. */
    public static function minutes(bool $isReheated): float
    {
        return $isReheated ? self::REHEATED_MINUTES : self::RAW_MINUTES;
    }
}

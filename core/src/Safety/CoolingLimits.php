<?php

declare(strict_types=1);

namespace Hojaldre\Core\Safety;

/** Out of the oven: from 57 to 21 °C within 2 h, and to 5 °C within 6 h in all (docs/sources.md#food-code). */
final readonly class CoolingLimits
{
    public const HOT_CELSIUS = 57.0;

    public const WARM_CELSIUS = 21.0;

    public const COLD_CELSIUS = 5.0;

    public const TO_WARM_MINUTES = 120.0;

    public const TO_COLD_MINUTES = 360.0;

    /**
     * @param  float|null  $hotMinutes  when the hottest of it came below 57 °C, min out of the oven; null where it did not
     * @param  float|null  $warmMinutes  below 21 °C
     * @param  float|null  $coldMinutes  below 5 °C
     */
    public static function judge(?float $hotMinutes, ?float $warmMinutes, ?float $coldMinutes): CoolingVerdict
    {
        $from = $hotMinutes ?? 0.0;

        return match (true) {
            $warmMinutes === null || $warmMinutes - $from > self::TO_WARM_MINUTES => CoolingVerdict::TooSlowToWarm,
            $coldMinutes === null || $coldMinutes - $from > self::TO_COLD_MINUTES => CoolingVerdict::TooSlowToCold,
            default => CoolingVerdict::WithinLimits,
        };
    }
}

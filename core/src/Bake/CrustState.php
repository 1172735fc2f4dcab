<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/** What heat has made of pastry so far. */
final readonly class CrustState
{
    /** Dough begins to bake at this temperature and is baked so many K above it (fitted). */
    private const BAKES_FROM_CELSIUS = 80;

    private const BAKED_OVER_KELVINS = 18;

    /** 0 raw to 1 baked, by the highest temperature it has had. */
    public static function bakedShare(float $peakCelsius): float
    {
        $share = ($peakCelsius - self::BAKES_FROM_CELSIUS) / self::BAKED_OVER_KELVINS;

        return $share < 0 ? 0.0 : ($share > 1 ? 1.0 : $share);
    }
}

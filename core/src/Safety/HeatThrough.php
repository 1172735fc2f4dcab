<?php

declare(strict_types=1);

namespace Hojaldre\Core\Safety;

/**
 * Minutes until the middle of the filling reaches a temperature: the filling as a slab between the tin's floor and the
 * oven's air. Stands in for the simulated bake; crust, edge and steam inside are not in it (docs/model.md).
 */
final readonly class HeatThrough
{
    /** W/m K, and m2/s: a custard filling (docs/model.md, fitted within the range of Choi and Okos) */
    private const CONDUCTIVITY = 0.50;

    private const DIFFUSIVITY = 1.4e-7;

    /** W/m2 K, convection and radiation together at 180 °C (docs/model.md, common practice) */
    private const H = ['static' => 22.0, 'fan' => 29.0];

    /** A wet surface stays cooler than dry air would have it: the oven works as if this much colder (fitted). */
    private const EVAPORATION_KELVINS = 25.0;

    /**
     * @param  float  $depthMm  of the filling
     * @param  float  $hFactor  uncertainty of the heat transfer, 1 is the forecast
     * @return float minutes; INF where the oven never gets it there
     */
    public static function minutes(float $depthMm, float $startCelsius, float $wantedCelsius, float $ovenCelsius, string $mode, float $hFactor = 1.0): float
    {
        $working = $ovenCelsius - self::EVAPORATION_KELVINS;
        if ($working <= $wantedCelsius) {
            return INF;
        }
        if ($startCelsius >= $wantedCelsius) {
            return 0.0;
        }
        $halfMetres = max(0.5, $depthMm) / 2000;
        $slab = Slab::withBiot(self::H[$mode] * $hFactor * $halfMetres / self::CONDUCTIVITY);
        $fourier = $slab->fourierFor(($working - $wantedCelsius) / ($working - $startCelsius));

        return $fourier * $halfMetres ** 2 / self::DIFFUSIVITY / 60;
    }
}

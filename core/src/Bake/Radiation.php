<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/** Heat that comes by radiation, as a transfer: eps F sigma (Ta2 + Ts2)(Ta + Ts), W/m2 K (docs/sources.md#incropera). */
final readonly class Radiation
{
    /** Stefan and Boltzmann, W/m2 K4 (docs/sources.md#incropera) */
    private const SIGMA = 5.670e-8;

    /** How much of the oven a face sees, and emissivity of food (handbook values, from memory). */
    public const VIEW_SHARE = 0.95;

    public const FOOD_SHARE = 0.90 * self::VIEW_SHARE;

    /** @param  float  $share  emissivity times view */
    public static function watts(float $share, float $airCelsius, float $faceCelsius): float
    {
        $Ta = $airCelsius + Vapour::KELVIN;
        $Ts = $faceCelsius + Vapour::KELVIN;

        return $share * self::SIGMA * ($Ta * $Ta + $Ts * $Ts) * ($Ta + $Ts);
    }
}

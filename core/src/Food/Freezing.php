<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

/**
 * Water of a food as ice. Below its initial freezing point T_f its ice grows as (W - bound)(1 - T_f / T): the solution that is left
 * gets stronger (the usual form for foods, from memory). Bound water is 0.3 of the dry matter that is not fat.
 */
final readonly class Freezing
{
    /** Initial freezing point of fillings and doughs, °C (from memory: vegetables and meat -0.5 to -2). */
    public const POINT_CELSIUS = -1.5;

    /**
     * Heat of melting, J/kg: 334 kJ/kg less what ice holds less than water from -18 °C on, so that the whole way up from a freezer
     * takes what it takes while one heat capacity is used for both.
     */
    public const LATENT_JOULES_PER_KG = 300e3;

    private const BOUND_RATIO = 0.3;

    /** Ice conducts four times as well as water: so much more for each kg of ice in a m3 (judgement). */
    public const CONDUCTS_MORE_PER_KG = 2.4e-3;

    /** kg of water that can freeze, of so much water beside so much dry matter without fat. */
    public static function freezable(float $water, float $solids): float
    {
        return max(0.0, $water - self::BOUND_RATIO * $solids);
    }

    /** 0 to 1 of what can freeze. */
    public static function iceShare(float $celsius): float
    {
        return $celsius >= self::POINT_CELSIUS ? 0.0 : 1 - self::POINT_CELSIUS / $celsius;
    }

    /** How much heat a K of warming takes below the freezing point beside its heat capacity, for each J that melting all of it takes, 1/K. */
    public static function meltsPerKelvin(float $celsius): float
    {
        return $celsius >= self::POINT_CELSIUS ? 0.0 : -self::POINT_CELSIUS / $celsius ** 2;
    }

    /** Heat above 0 °C with all water liquid, J. @param  float  $joules heat capacity, J/K @param  float  $melts what melting all its ice takes, J */
    public static function heat(float $celsius, float $joules, float $melts): float
    {
        return $joules * $celsius - $melts * self::iceShare($celsius);
    }

    /** The temperature at which it has so much heat: the inverse of `heat`, °C. */
    public static function celsius(float $heat, float $joules, float $melts): float
    {
        if ($heat >= $joules * self::POINT_CELSIUS || $melts <= 0) {
            return $heat / $joules;
        }
        $sum = $melts + $heat;

        return ($sum - sqrt($sum ** 2 - 4 * $joules * $melts * self::POINT_CELSIUS)) / (2 * $joules);
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/**
 * A steel or stone that was heated with the oven. It gives its heat by touch, gets colder by it, and takes heat from the oven again.
 * Under a wide pie some of it stands out and feeds what lies below.
 */
final readonly class HotSteel
{
    /** 6 mm of steel, J/m2 K (7,850 kg/m3 x 0.47 kJ/kg K, handbook values from memory). */
    private const HOLDS_JOULES = 22_000.0;

    /** From the oven, convection and radiation, W/m2 K (as an oven gives any face, judgement). */
    private const FROM_THE_OVEN_WATTS = 18.0;

    /** Its area for each m2 of the pie (judgement). */
    private const WIDER = 1.5;

    /** How warm it is after a step in which the pie took so many W from each m2 of its own floor; never hotter than the oven, °C. */
    public static function after(float $celsius, float $ovenCelsius, float $wattsPerM2, float $seconds): float
    {
        $holds = self::HOLDS_JOULES * self::WIDER;
        $takes = self::FROM_THE_OVEN_WATTS * self::WIDER * $seconds;

        return min($ovenCelsius, ($holds * $celsius + $takes * $ovenCelsius - $wattsPerM2 * $seconds) / ($holds + $takes));
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Task;

use Hojaldre\Core\Day\Ending;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Moisture\Cooling;
use Hojaldre\Core\Pie\Form;
use Hojaldre\Core\Pie\Pie;

/** How long a pie rests when it is out: a custard 10 to 15 minutes, a pasty 15, a pot pie 10 (common practice, no source); for a clean cut until it is cold. */
final readonly class RestAfter
{
    private const CUSTARD = 12;

    private const PASTY = 15;

    private const POT_PIE = 10;

    private const OTHER = 10;

    /** Cool enough for a clean cut, °C above the kitchen (judgement: hand-warm no more). */
    private const COLD_KELVINS = 12.0;

    /** Of the top that still steams (judgement). */
    private const WET_SHARE = 0.3;

    /** Of a set filling, W/m K and J/m3 K (docs/model.md), out of the oven at, °C; of air on a rack above and below, W/m2 K (judgement). */
    private const CONDUCTIVITY = 0.45;

    private const HEAT = 3.4e6;

    private const LEAST_MM = 10.0;

    private const OUT_CELSIUS = 76.0;

    private const ABOVE = 10.0;

    private const BELOW = 8.0;

    /** Longer nothing stands about (docs/sources.md#food-code). */
    private const MOST = 180;

    public static function minutes(Pie $pie, Ending $ending, float $kitchenCelsius): int
    {
        if ($ending === Ending::Cold) {
            $until = $kitchenCelsius + self::COLD_KELVINS;
            $minutes = Cooling::slab(min($pie->tin->depthMm(), max(self::LEAST_MM, Weights::of($pie)->fillMm())) / 1000, self::CONDUCTIVITY, self::HEAT, self::OUT_CELSIUS, self::WET_SHARE, $until, [$kitchenCelsius, self::ABOVE, self::BELOW])->minutesTo($until);

            return (int) min(self::MOST, ceil($minutes ?? self::MOST));
        }

        return match (true) {
            $pie->form() === Form::Folded => self::PASTY,
            $pie->form() === Form::PotPie => self::POT_PIE,
            $pie->custard() !== null => self::CUSTARD,
            default => self::OTHER,
        };
    }
}

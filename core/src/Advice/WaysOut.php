<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice;

use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Forecast\Readings\ReadingName;
use Hojaldre\Core\Seasoning\Salt;

/** The ways out of what a forecast says: searched for by baking again, so they are asked for apart. */
final readonly class WaysOut
{
    /**
     * @param  float  $saltPercent  of the filling, that is salted to
     * @return list<WayOut> of one reading; none where it is not in trouble
     */
    public static function of(Forecast $forecast, ReadingName $name, float $saltPercent = Salt::AIM_PERCENT): array
    {
        return self::search($forecast, $name, new Trials($forecast->weights, $forecast->bake), $saltPercent);
    }

    /** @return array<string, list<WayOut>> of every reading, by its name */
    public static function all(Forecast $forecast): array
    {
        $trials = new Trials($forecast->weights, $forecast->bake);
        $all = [];
        foreach ($forecast->readings as $reading) {
            $all[$reading->name->value] = self::search($forecast, $reading->name, $trials);
        }

        return $all;
    }

    /** @return list<WayOut> */
    private static function search(Forecast $forecast, ReadingName $name, Trials $trials, float $saltPercent = Salt::AIM_PERCENT): array
    {
        $reading = $forecast->reading($name);

        return $reading === null || ! $reading->inTrouble() ? [] : WayOutSearch::ways($reading, $forecast, $trials, saltPercent: $saltPercent);
    }
}

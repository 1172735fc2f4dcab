<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast\Readings;

use Hojaldre\Core\Forecast\SimulatedBake;
use Hojaldre\Core\Pie\Pie;

/** All readings of a design in the order they are shown. */
final readonly class Readings
{
    public const ORDER = ['hold', 'set', 'base', 'salt', 'fill', 'safe'];

    /** @return list<Reading> */
    public static function of(Pie $pie, ?SimulatedBake $baked): array
    {
        $gauges = Gauges::gauges();

        return array_map(
            static fn (string $name): Reading => isset($gauges[$name]) ? Gauges::take($gauges[$name], $pie) : BakeReadings::take($name, $pie, $baked),
            self::ORDER,
        );
    }
}

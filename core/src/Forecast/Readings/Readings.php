<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast\Readings;

use Hojaldre\Core\Forecast\SimulatedBake;
use Hojaldre\Core\Forecast\Weights;

/** All readings that apply to a design, in the order of ReadingName. */
final readonly class Readings
{
    /** @return list<Reading> */
    public static function of(Weights $weights, ?SimulatedBake $bake): array
    {
        $gauges = Gauges::all();
        $weights = $bake === null ? $weights : $weights->settling($bake->result->earlyShare);
        $deviated = $weights->deviated();
        $readings = [];
        foreach (ReadingName::cases() as $name) {
            if (self::applies($name, $weights)) {
                $readings[] = isset($gauges[$name->value]) ? Gauges::take($gauges[$name->value], $weights, $deviated) : BakeReadings::take($name, $weights, $bake);
            }
        }

        return $readings;
    }

    /** @param  list<Reading>  $readings */
    public static function named(array $readings, ReadingName $name): ?Reading
    {
        foreach ($readings as $reading) {
            if ($reading->name === $name) {
                return $reading;
            }
        }

        return null;
    }

    /** Without a custard nothing has to set, without a base none goes wet. */
    private static function applies(ReadingName $name, Weights $weights): bool
    {
        return match ($name) {
            ReadingName::Custard, ReadingName::Set => $weights->hasToSet(),
            ReadingName::Base => $weights->pie->form()->hasBase(),
            default => true,
        };
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice;

use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Bake\Brownness;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Pastry\BaseVerdict;

/** How far a forecast is from what a cook told of the bake: nothing inside the word, else the way to it in units of what such a word is worth. */
final readonly class Outcome
{
    /** One unit of a miss: of brownness, of water to solids, of minutes (judgement). */
    private const BROWN = 0.12;

    private const RATIO = 0.025;

    private const MINUTES = 1.2;

    /** A word is only surely met so far inside its band (judgement). */
    private const INSIDE = 0.15;

    /** @return list<float> signed; below 0 is too little */
    public static function misses(Forecast $forecast, Told $told): array
    {
        $bake = $forecast->bake;
        if ($bake === null) {
            return [];
        }
        $browned = $bake->result->browned;

        return [
            ...($told->set === null || $bake->input->setsAtCelsius === null ? [] : [self::set($forecast, $told->set)]),
            ...($told->base === null || is_nan($bake->base()) ? [] : [self::scaled($bake->base(), $told->base, BaseVerdict::scale(), self::RATIO)]),
            ...($told->top === null ? [] : [self::scaled($browned->topIndex, $told->top, Brownness::scale(), self::BROWN)]),
            ...($told->underside === null || ! $bake->input->isLined ? [] : [self::scaled($browned->undersideIndex, $told->underside, Brownness::scale(), self::BROWN)]),
        ];
    }

    /** Minutes that it was in too long or too short to be what was told. */
    private static function set(Forecast $forecast, ToldSet $told): float
    {
        $bake = $forecast->bake;
        $out = $forecast->pie->bake->minutes();
        [$ready, $over, $tough] = array_map(static fn (BakeEvent $event): float => $bake?->minute($event) ?? INF, [BakeEvent::TimeToLook, BakeEvent::Over, BakeEvent::Tough]);
        [$from, $to] = match ($told) {
            ToldSet::Runny => [-INF, $ready],
            ToldSet::Tender => [$ready, $over],
            ToldSet::Firm => [$over, $tough],
            ToldSet::Tough => [$tough, INF],
        };
        // what was never reached lies some way beyond all that was looked at
        $from = is_infinite($from) && $from > 0 ? $out + 20.0 : $from;

        return self::miss($out, $from, $to) / self::MINUTES;
    }

    /** @param  list<array{BaseVerdict|Brownness, float|null}>  $scale */
    private static function scaled(float $value, BaseVerdict|Brownness $told, array $scale, float $unit): float
    {
        $from = 0.0;
        foreach ($scale as [$word, $to]) {
            if ($word === $told) {
                $margin = $to === null ? $unit : self::INSIDE * ($to - $from);

                return self::miss($value, $from > 0 ? $from + $margin : -INF, $to === null ? INF : $to - $margin) / $unit;
            }
            $from = $to ?? $from;
        }

        // raw is no place on the scale of water: below everything that bakes
        return self::miss($value, $from, INF) / $unit;
    }

    private static function miss(float $value, float $from, float $to): float
    {
        return $value < $from ? $value - $from : ($value > $to ? $value - $to : 0.0);
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast;

use Hojaldre\Core\Bake\BakeResult;
use Hojaldre\Core\Bake\Doneness;
use Hojaldre\Core\Bake\FilmFrame;
use Hojaldre\Core\Bake\Grid;

/** The fields of a film in whole numbers, cell by cell, as compact as a drawing needs. */
final readonly class FilmField
{
    /** A field of set goes on above 100 by so much for each tenfold of over-cooking, to 200 at most (definition). */
    private const OVER_FOR_TENFOLD = 50;

    /** @return list<int> °C */
    public static function celsius(FilmFrame $frame): array
    {
        return array_map(static fn (float $t): int => (int) round($t), array_values($frame->T));
    }

    /** @return list<int> % of all that is not fat */
    public static function waterPercents(FilmFrame $frame, BakeResult $result): array
    {
        $dry = array_map(static fn (int $kind): float => $kind === Grid::TIN ? 0.0 : $result->materials->solids[$kind], $result->grid->kind);

        return array_map(static fn (float $w, float $d): int => $w + $d > 0 ? (int) round(100 * max(0.0, $w) / ($w + $d)) : 0, array_values($frame->W), $dry);
    }

    /** @return list<int> 0 liquid to 100 set, and on to 200 where it is over-cooked through and through */
    public static function setPercents(FilmFrame $frame, ?float $setsAtCelsius): array
    {
        return array_map(
            static fn (float $t, float $dose): int => $setsAtCelsius === null ? 0
                : (int) round(100 * Doneness::setShare($t, $setsAtCelsius) + ($dose > 1 ? min(100.0, self::OVER_FOR_TENFOLD * log10($dose)) : 0.0)),
            array_values($frame->peak), array_values($frame->dose),
        );
    }
}

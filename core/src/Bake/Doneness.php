<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

use Hojaldre\Core\Food\Roots;
use Hojaldre\Core\Safety\Lethality;

/**
 * What heat does besides drying: it sets and over-cooks the custard, and kills.
 * Over-cooking: with u = 10^((T - T_set - 9)/10), u / (1 + u/3) measures in six minutes (fitted). It has an upper end: however hot, a
 * custard takes its minutes to go over.
 */
final readonly class Doneness
{
    /** Measures of over-cooking of the middle at which it is past its best (fitted). */
    public const PAST_ITS_BEST = 2.0;

    /** Where nothing sets, °C (definition). */
    public const NEVER_CELSIUS = 999.0;

    /** A custard thickens over so many K before it is set; a little before that it begins to over-cook (judgement). */
    public const SETS_OVER_KELVINS = 6;

    private const OVER_FROM_KELVINS = 4;

    private const OVER_KELVINS = 9.0;

    private const OVER_AT_MOST = 3;

    private const OVER_TENFOLD_KELVINS = 10;

    private const OVER_MINUTES = 6.0;

    /** Below this nothing is killed, °C (numerics). */
    private const KILLS_FROM = 45;

    /** ln 10, as far as it is asked (definition) */
    private const LN_10 = 2.302585;

    /** 0 liquid to 1 set, by the highest temperature it has had. */
    public static function setShare(float $peakCelsius, float $setsAtCelsius): float
    {
        $share = ($peakCelsius - $setsAtCelsius + self::SETS_OVER_KELVINS) / self::SETS_OVER_KELVINS;

        return $share < 0 ? 0.0 : ($share > 1 ? 1.0 : $share);
    }

    /** Measures of over-cooking a minute at so many °C. */
    public static function overRate(float $celsius, float $setsAtCelsius): float
    {
        if ($celsius <= $setsAtCelsius - self::OVER_FROM_KELVINS) {
            return 0.0;
        }
        $u = 10 ** (($celsius - $setsAtCelsius - self::OVER_KELVINS) / self::OVER_TENFOLD_KELVINS);

        return $u / (1 + $u / self::OVER_AT_MOST) / self::OVER_MINUTES;
    }

    /** @return array{float, int} the coldest of the inner filling, °C, and which cell it is; the two rows of skin are left out */
    public static function cook(Cells $cells, Grid $grid, ?float $setsAtCelsius, ?PieceCentre $piece, float $seconds): array
    {
        self::peak($cells);
        $T = $cells->T;
        $dose = $cells->dose;
        $cells->dose = [];
        $sets = $setsAtCelsius ?? self::NEVER_CELSIUS;
        $measures = $seconds / 60 / self::OVER_MINUTES;
        $cold = self::NEVER_CELSIUS;
        $where = 0;
        for ($j = $grid->fillFrom; $j <= $grid->fillTo; $j++) {
            $isInner = $j < $grid->fillTo - 1;
            $to = $j * $grid->columns + $grid->fillColumns;
            for ($c = $to - $grid->fillColumns; $c < $to; $c++) {
                $t = $T[$c];
                if ($isInner && $t < $cold) {
                    $cold = $t;
                    $where = $c;
                }
                if ($t > $sets - self::OVER_FROM_KELVINS) {
                    $u = exp(self::LN_10 * ($t - $sets - self::OVER_KELVINS) / self::OVER_TENFOLD_KELVINS);
                    $dose[$c] += $measures * $u / (1 + $u / self::OVER_AT_MOST);
                }
            }
        }
        $cells->dose = $dose;
        $cells->safeCelsius = $piece === null ? $cold : min($cold, $piece->after($cold, $seconds));
        if ($cells->safeCelsius > self::KILLS_FROM) {
            $cells->lethalMinutes += $seconds / 60 * Lethality::minutesWorth($cells->safeCelsius);
        }
        if ($cold > self::KILLS_FROM) {
            $cells->tenderMinutes += $seconds / 60 * Roots::minutesWorth($cold);
        }

        return [$cold, $where];
    }

    private static function peak(Cells $cells): void
    {
        $peak = $cells->peak;
        $cells->peak = [];
        foreach ($cells->T as $c => $t) {
            if ($t > $peak[$c]) {
                $peak[$c] = $t;
            }
        }
        $cells->peak = $peak;
    }
}

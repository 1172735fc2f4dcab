<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/**
 * What heat does besides drying: it sets and over-cooks the custard, kills, and browns.
 * Browning: dB/dt = k exp(-E/R (1/T - 1/423)) f / (1 + (X/X0)^2) at the surface (fitted); below 0.3 pale, 0.6 to 0.8 light gold,
 * 1 golden, 2 dark, 3 burnt. Kill: minutes worth of 70 °C, z 7.5 K (docs/sources.md#fsa-time-temperature).
 */
final readonly class Doneness
{
    /** 1/s at 150 °C, and J/mol over R in K (fitted) */
    private const BROWNS = 1.12e-3;

    private const ACTIVATION = 48000 / 8.314;

    /** water to solids at which pastry browns half as fast (fitted) */
    private const PASTRY_X0 = 0.12;

    /** A bare rim stands up into the heat (fitted). */
    private const RIM_GAIN = 1.15;

    private const OVER_KELVINS = 9.0;

    private const OVER_MINUTES = 6.0;

    private const Z = 7.5;

    /** @return array{float, float, int} coldest and hottest of the inner filling, °C, and which cell is the coldest; the two rows of skin are left out */
    public static function cook(Cells $cells, Grid $grid, BakeInput $input, float $seconds): array
    {
        $T = $cells->T;
        $peak = $cells->peak;
        $dose = $cells->dose;
        $cells->peak = $cells->dose = [];
        $columns = $grid->columns;
        $fillColumns = $grid->fillColumns;
        $sets = $input->setsAtCelsius ?? 999.0;
        $minutes = $seconds / 60 / self::OVER_MINUTES;
        $cold = 999.0;
        $hot = -99.0;
        $where = 0;
        $cells0 = count($T);
        $inner = ($grid->fillTo - 1) * $columns;
        $from = $grid->fillFrom * $columns;
        $to = ($grid->fillTo + 1) * $columns;
        for ($c = 0; $c < $cells0; $c++) {
            $t = $T[$c];
            if ($t > $peak[$c]) {
                $peak[$c] = $t;
            }
        }
        for ($row = $from; $row < $to; $row += $columns) {
            for ($c = $row; $c < $row + $fillColumns; $c++) {
                $t = $T[$c];
                if ($row < $inner) {
                    if ($t < $cold) {
                        $cold = $t;
                        $where = $c;
                    }
                    if ($t > $hot) {
                        $hot = $t;
                    }
                }
                if ($t > $sets - 6) {
                    $dose[$c] += $minutes * exp(2.302585 * ($t - $sets - self::OVER_KELVINS) / 10);
                }
            }
        }
        $cells->peak = $peak;
        $cells->dose = $dose;
        if ($cold > 45) {
            $cells->lethalMinutes += $seconds / 60 * exp(2.302585 * ($cold - 70) / self::Z);
        }

        return [$cold, $hot, $where];
    }

    /**
     * @param  array<int, int>  $top
     * @param  array<int, float>  $k
     */
    public static function brown(Cells $cells, Grid $grid, CellMaterials $materials, BakeInput $input, array $top, array $k, float $ovenCelsius, float $seconds, bool $inShell): void
    {
        $columns = $grid->columns;
        $fill = $grid->fillColumns;
        $brown = $cells->topBrown;
        $cells->topBrown = [];
        $lid = $input->lidMm > 0 && ! $inShell;
        if (! $inShell) {
            for ($i = 0; $i < $fill; $i++) {
                $c = $top[$i] * $columns + $i;
                $half = $grid->dz[$top[$i]] / 2;
                $x = $cells->W[$c] / $materials->solids[$grid->kind[$c]];
                $brown[$i] += $seconds * ($lid
                    ? self::rate(self::surface($cells->T[$c], $ovenCelsius, $half, $k[$c]), $x, self::PASTRY_X0, $input->topGain)
                    : self::rate(self::surface($cells->T[$c], $ovenCelsius, $half, $k[$c]), $x, $input->topX0, $input->topGain));
            }
        }
        $cells->topBrown = $brown;
        if ($grid->sideColumns > 0) {
            $c = ($inShell ? $grid->fillTo : $grid->rows - 1) * $columns + $fill;
            $x = $cells->W[$c] / $materials->solids[Grid::CRUST];
            $cells->rimBrown += $seconds * self::rate(self::surface($cells->T[$c], $ovenCelsius, $grid->dz[intdiv($c, $columns)] / 2, $k[$c]), $x, self::PASTRY_X0, self::RIM_GAIN * $input->rimGain);
            // the underside touches the tin: its face lies between the two
            $x = $cells->W[$columns] / $materials->solids[Grid::CRUST];
            $cells->baseBrown += $seconds * self::rate(($cells->T[0] + $cells->T[$columns]) / 2, $x, self::PASTRY_X0, 1.0);
            $c = $grid->baseRows * $columns;
            $x = $cells->W[$c] / $materials->solids[Grid::CRUST];
            $cells->insideBrown += $seconds * self::rate($cells->T[$c], $x, self::PASTRY_X0, 1.0);
        }
    }

    private static function surface(float $cell, float $oven, float $half, float $k): float
    {
        // about 22 W/m2 K come in through half a cell
        return $cell + 22 * ($oven - $cell) * $half / ($k + 22 * $half);
    }

    private static function rate(float $celsius, float $x, float $x0, float $gain): float
    {
        return $celsius < 90 ? 0.0 : self::BROWNS * $gain * exp(-self::ACTIVATION * (1 / ($celsius + 273.15) - 1 / 423)) / (1 + ($x / $x0) ** 2);
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/**
 * The face that looks up into the oven, column by column: convection, radiation and drying.
 * q = h_eff (T_oven - T) - L m; h = h_c + eps F sigma (Ta2 + Ts2)(Ta + Ts); h_eff = h / (1 + h dz / 2k);
 * m = h_c / lewis f (a_w c_sat(T) - c_oven), linear in T about the last step (Lewis; docs/sources.md#incropera).
 */
final readonly class Faces
{
    public const SIGMA = 5.670e-8;

    /** Emissivity of food times its view of the oven (handbook values, from memory). */
    public const FOOD_RADIATION = 0.90 * 0.95;

    /** Share of free evaporation that a face shows: pastry, a filling, a topping (judgement). */
    private const DRYING = [Grid::FILLING => 0.8, Grid::CRUST => 0.5, Grid::LID => 0.5, Grid::TOPPING => 0.6];

    /** An empty shell shades itself (fitted). */
    private const INSIDE_A_SHELL = 0.75;

    /**
     * @param  array<int, int>  $top  row of the topmost cell of each column
     * @param  array<int, float>  $k  W/m K of each cell
     * @param  array<int, float>  $solids  by kind
     * @param  array<int, float>  $densities  Vapour::densities
     * @return array{array<int, float>, array<int, float>, array<int, float>, array<int, float>} to be added to the pivot and the right side; vapour m and dm/dT, kg/m2 s
     */
    public static function load(Cells $cells, Grid $grid, Surroundings $air, array $top, array $k, array $solids, array $densities, float $ovenCelsius, float $seconds, bool $inShell): array
    {
        $T = $cells->T;
        $W = $cells->W;
        $columns = $grid->columns;
        $side = $grid->fillColumns;
        $wall = $side + $grid->sideColumns;
        $kind = $grid->kind;
        $dz = $grid->dz;
        $area = $grid->area;
        $addD = $addR = $m = $slope = [];
        $Ta = $ovenCelsius + 273.15;
        for ($i = 0; $i < $columns; $i++) {
            $cell = $top[$i] * $columns + $i;
            $t = $T[$cell];
            $what = $kind[$cell];
            $share = $i >= $side && $i < $wall ? $air->rimShare : ($inShell && $i < $side ? self::INSIDE_A_SHELL : 1.0);
            $Ts = $t + 273.15;
            $convection = $air->convectionAbove * $share;
            $h = $convection + $share * $air->radiates * self::FOOD_RADIATION * self::SIGMA * ($Ta * $Ta + $Ts * $Ts) * ($Ta + $Ts);
            $h /= 1 + $h * $dz[$top[$i]] / (2 * $k[$cell]);
            if ($what === Grid::TIN) {
                $m[] = $slope[] = 0.0;
                $addD[] = $area[$i] * $h;
                $addR[] = $area[$i] * $h * $ovenCelsius;

                continue;
            }
            $x = $W[$cell] / $solids[$what];
            $activity = $x > 2.0 ? 1.0 : 1 - exp(-11 * $x ** 1.1);
            $n = (int) $t;
            $n = $n < 0 ? 0 : ($n > 318 ? 318 : $n);
            $rise = $densities[$n + 1] - $densities[$n];
            $hm = $convection / $air->lewis * self::DRYING[$what] * $air->dries;
            $m0 = $hm * ($activity * ($densities[$n] + $rise * ($t - $n)) - $air->vapour);
            $dm = $hm * $activity * $rise;
            $most = 0.25 * $W[$cell] * $dz[$top[$i]] / $seconds;
            if ($m0 > $most) {
                $dm *= $most / $m0;
                $m0 = $most;
            }
            $m[] = $m0;
            $slope[] = $dm;
            $addD[] = $area[$i] * ($h + Vapour::LATENT * $dm);
            $addR[] = $area[$i] * ($h * $ovenCelsius + Vapour::LATENT * ($dm * $t - $m0));
        }

        return [$addD, $addR, $m, $slope];
    }

    /**
     * Takes the vapour of the step off the topmost cells.
     *
     * @param  array<int, int>  $top
     * @param  array<int, float>  $before  their temperatures before the sweep
     * @param  array<int, float>  $m
     * @param  array<int, float>  $slope
     */
    public static function dry(Cells $cells, Grid $grid, array $top, array $before, array $m, array $slope, float $seconds): void
    {
        $W = $cells->W;
        $cells->W = [];
        $gone = $joules = 0.0;
        for ($i = 0; $i < $grid->columns; $i++) {
            $cell = $top[$i] * $grid->columns + $i;
            $kg = ($m[$i] + $slope[$i] * ($cells->T[$cell] - $before[$i])) * $seconds;
            $most = 0.9 * $W[$cell] * $grid->dz[$top[$i]];
            $kg = $kg > $most ? $most : $kg;
            $W[$cell] -= $kg / $grid->dz[$top[$i]];
            $gone += $kg * $grid->area[$i];
            $joules += $kg * $grid->area[$i] * Vapour::WATER_HEAT * $cells->T[$cell];
        }
        $cells->W = $W;
        $cells->evaporatedKg += $gone;
        $cells->vapourJoules += $joules;
    }
}

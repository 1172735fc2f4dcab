<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/**
 * The face that looks up into the oven, column by column: convection, radiation and drying.
 * q = h_eff (T_oven - T) - L m; h = h_c + radiation; h_eff = h / (1 + h dz / 2k);
 * m = h_c / lewis f (a_w c_sat(T) - c_oven), linear in T and in water about the last step (Lewis; docs/sources.md#incropera).
 */
final readonly class TopFace
{
    /** Share of free evaporation that a face shows: pastry, a filling, a topping (judgement). */
    public const DRYING = [Grid::FILLING => 0.8, Grid::CRUST => 0.5, Grid::LID => 0.5, Grid::TOPPING => 0.6];

    /** What commonly comes in from an oven, W/m2 K (a result of the model at 180 °C static, fitted). */
    public const USUAL_WATTS = 22;

    /** An empty shell shades itself (fitted). */
    private const INSIDE_A_SHELL = 0.75;

    /** Share of a cell's water that may dry off in a step (numerics). */
    private const MOST = 0.9;

    /** The first column of the side crust, and of the wall. */
    private int $side;

    private int $wall;

    public function __construct(private Grid $grid, private CellMaterials $materials)
    {
        $this->side = $grid->fillColumns;
        $this->wall = $grid->fillColumns + $grid->sideColumns;
    }

    /** @param  array<int, float>  $k  W/m K of each cell */
    public function load(Cells $cells, Surroundings $air, Outline $outline, array $k, float $ovenCelsius, float $seconds): FaceLoad
    {
        $T = $cells->T;
        $W = $cells->W;
        $columns = $this->grid->columns;
        $kind = $this->grid->kind;
        $dz = $this->grid->dz;
        $area = $this->grid->area;
        $solids = $this->materials->solids;
        $densities = SteamTables::densities();
        $addD = $addR = $m = $slope = [];
        foreach ($outline->top as $i => $row) {
            $cell = $row * $columns + $i;
            $t = $T[$cell];
            $what = $kind[$cell];
            $share = $this->reaches($i, $air, $outline->isShell);
            $convection = $air->convectionAbove * $share;
            $h = $convection + Radiation::watts($share * $air->radiates * Radiation::FOOD_SHARE, $ovenCelsius, $t);
            $h /= 1 + $h * $dz[$row] / (2 * $k[$cell]);
            if ($what === Grid::TIN) {
                $m[] = $slope[] = 0.0;
                $addD[] = $area[$i] * $h;
                $addR[] = $area[$i] * $h * $ovenCelsius;

                continue;
            }
            [$activity, $rises] = Vapour::activityAndRise($W[$cell] / $solids[$what]);
            $n = (int) $t;
            $n = $n < 0 ? 0 : ($n > Vapour::LAST_ROW ? Vapour::LAST_ROW : $n);
            $rise = $densities[$n + 1] - $densities[$n];
            $saturated = $densities[$n] + $rise * ($t - $n);
            $hm = $convection / $air->lewis * self::DRYING[$what] * $air->dries;
            // as it gets drier in this step it dries less: m = hm (a(W - m dt/dz) c - c_oven), linear in m
            $hm /= 1 + $hm * $saturated * $rises / $solids[$what] * $seconds / $dz[$row];
            $m0 = $hm * ($activity * $saturated - $air->vapourKgPerM3);
            $dm = $hm * $activity * $rise;
            $m[] = $m0;
            $slope[] = $dm;
            $addD[] = $area[$i] * ($h + Vapour::LATENT_JOULES_PER_KG * $dm);
            $addR[] = $area[$i] * ($h * $ovenCelsius + Vapour::LATENT_JOULES_PER_KG * ($dm * $t - $m0));
        }

        return new FaceLoad($addD, $addR, $m, $slope);
    }

    /** Share of what the oven sends that reaches a column: a shield keeps it from the rim, a shell shades its inside. */
    private function reaches(int $column, Surroundings $air, bool $isShell): float
    {
        if ($column < $this->side) {
            return $isShell ? self::INSIDE_A_SHELL : 1.0;
        }

        return $column < $this->wall ? $air->rimShare : 1.0;
    }

    /**
     * Takes the vapour of the step off the topmost cells.
     *
     * @param  list<float>  $tops  their temperatures after the sweep, °C; before it they are still in the cells
     */
    public function dry(Cells $cells, array $tops, Outline $outline, FaceLoad $load, float $seconds): void
    {
        $W = $cells->W;
        $cells->W = [];
        $dz = $this->grid->dz;
        $area = $this->grid->area;
        [$m, $slope] = [$load->m, $load->slope];
        $gone = $joules = 0.0;
        foreach ($outline->top as $i => $row) {
            $cell = $row * $this->grid->columns + $i;
            $kg = ($m[$i] + $slope[$i] * ($tops[$i] - $cells->T[$cell])) * $seconds;
            $most = self::MOST * $W[$cell] * $dz[$row];
            $kg = $kg > $most ? $most : $kg;
            $W[$cell] -= $kg / $dz[$row];
            $gone += $kg * $area[$i];
            $joules += $kg * $area[$i] * Vapour::WATER_JOULES_PER_KG_KELVIN * $tops[$i];
        }
        $cells->W = $W;
        $cells->evaporatedKg += $gone;
        $cells->vapourJoules += $joules;
    }
}

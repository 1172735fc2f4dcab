<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/**
 * rho cp dT/dt = div(k grad T), split into a sweep along z and one along r, each a tridiagonal system whose elimination is kept
 * until the properties are taken anew. The sweep along z goes up, so that the face above, which is not linear, changes the last pivot alone.
 */
final readonly class Heat
{
    /** Contact of tin and crust, m2 K/W: raw dough lies close, a baked crust lifts (judgement). */
    private const CONTACT_RAW = 0.0025;

    private const CONTACT_BAKED = 0.00833;

    private const SIDE_LIFTS = 1.5;

    private const CONTACT_FILLING = 0.0005;

    /** A lid lifts off its filling as it bakes: 2 mm of air and steam, m2 K/W, over these °C of its underside (judgement). */
    private const UNDER_A_LID = 0.045;

    private const LID_LIFTS_FROM = 50.0;

    private const LID_LIFTS_OVER = 30.0;

    /** Air in the pastry: raw, and baked as shortcrust, as puff and as a lid (judgement). */
    private const POROSITY_RAW = 0.04;

    private const POROSITY_BAKED = ['short' => 0.25, 'puff' => 0.40];

    /**
     * @param  array<int, float>  $C  heat capacity of each cell over the step, W/K
     * @param  array<int, float>  $k  W/m K
     * @param  array{array<int, float>, array<int, float>, array<int, float>}  $z  w, 1/pivot and G/pivot of each cell; the topmost pivot of a column stands as it is
     * @param  array{array<int, float>, array<int, float>, array<int, float>}  $r  the same by rows, from the axis out
     * @param  array<int, float>  $below  W/K through the floor of each column
     * @param  array<int, float>  $beyond  W/K through the outer face of each row
     * @param  array<int, float>  $inside  W/K through the inner face of a row of an empty shell
     */
    private function __construct(
        public array $C,
        public array $k,
        private array $z,
        private array $r,
        public array $below,
        public array $beyond,
        public array $inside,
    ) {
    }

    /**
     * @param  array<int, int>  $top  row of the topmost cell of each column
     * @param  array<int, int>  $first  first column of each row
     */
    public static function at(Cells $cells, Grid $grid, CellMaterials $materials, Surroundings $air, array $top, array $first, float $seconds, float $insideWatts, float $fromBelow = 1.0): self
    {
        $columns = $grid->columns;
        $rows = $grid->rows;
        $dz = $grid->dz;
        $dr = $grid->dr;
        $area = $grid->area;
        $around = $grid->around;
        [$C, $k] = self::properties($cells, $grid, $materials, $seconds);
        $wall = $grid->fillColumns + $grid->sideColumns;
        $below = $beyond = $inside = [];
        $lift = self::CONTACT_BAKED - self::CONTACT_RAW;

        // along z, from the floor up
        $w = $inv = $u = array_fill(0, $columns * $rows, 0.0);
        $rBelow = $air->contact > 0 ? $air->contact : 0.0;
        for ($i = 0; $i < $columns; $i++) {
            $Ts = $cells->T[$i] + 273.15;
            $Ta = $air->belowCelsius + 273.15;
            $h = $rBelow > 0 ? $rBelow : $air->convectionBelow + $materials->emissivity * 0.95 * Faces::SIGMA * ($Ta * $Ta + $Ts * $Ts) * ($Ta + $Ts);
            $below[] = $area[$i] * $h * $fromBelow;
            $lower = 0.0;
            $pivot = 0.0;
            $end = $top[$i];
            for ($j = 0; $j <= $end; $j++) {
                $c = $j * $columns + $i;
                $d = $C[$c] + ($j === 0 ? $below[$i] : $lower * (1 - $lower / $pivot));
                if ($j > 0) {
                    $w[$c] = $lower / $pivot;
                }
                if ($j < $end) {
                    $resist = $dz[$j] / (2 * $k[$c]) + $dz[$j + 1] / (2 * $k[$c + $columns]);
                    if ($j === 0 && $i < $wall) {
                        $baked = ($cells->peak[$c + $columns] - 80) / 18;
                        $resist += $grid->baseRows === 0 ? self::CONTACT_FILLING
                            : self::CONTACT_RAW + $lift * ($baked < 0 ? 0.0 : ($baked > 1 ? 1.0 : $baked));
                    }
                    if ($j === $grid->fillTo && $i < $wall) {
                        $lifted = ($cells->peak[$c + $columns] - self::LID_LIFTS_FROM) / self::LID_LIFTS_OVER;
                        $resist += self::UNDER_A_LID * ($lifted < 0 ? 0.0 : ($lifted > 1 ? 1.0 : $lifted));
                    }
                    $g = $area[$i] / $resist;
                    $d += $g;
                    $u[$c] = $g / $d;
                    $lower = $g;
                }
                $inv[$c] = 1 / $d;
                $pivot = $d;
            }
        }

        // along r, from the axis out
        $v = $jnv = $t = array_fill(0, $columns * $rows, 0.0);
        for ($j = 0; $j < $rows; $j++) {
            $last = $columns - 1;
            $c = $j * $columns + $last;
            $Ts = $cells->T[$c] + 273.15;
            $Ta = ($air->aboveCelsius + $air->belowCelsius) / 2 + 273.15;
            $emits = $grid->kind[$c] === Grid::TIN ? $materials->emissivity * 0.95 : Faces::FOOD_RADIATION;
            $h = ($air->convectionAbove + $air->convectionBelow) / 2 + $emits * Faces::SIGMA * ($Ta * $Ta + $Ts * $Ts) * ($Ta + $Ts);
            $h /= 1 + $h * $dr[$last] / (2 * $k[$c]);
            $beyond[] = $h * $around[$last] * $dz[$j];
            $from = $first[$j];
            $inside[] = $from > 0 ? $insideWatts * $around[$from - 1] * $dz[$j] : 0.0;
            $lower = $pivot = 0.0;
            for ($i = $from; $i < $columns; $i++) {
                $c = $j * $columns + $i;
                $d = $C[$c] + ($i === $from ? $inside[$j] : $lower * (1 - $lower / $pivot));
                if ($i > $from) {
                    $v[$c] = (float) ($lower / $pivot);
                }
                if ($i < $last) {
                    $resist = $dr[$i] / (2 * $k[$c]) + $dr[$i + 1] / (2 * $k[$c + 1]);
                    if ($i + 1 === $wall && $j > 0) {
                        $baked = ($cells->peak[$c] - 80) / 18;
                        $resist += $grid->sideColumns === 0 ? self::CONTACT_FILLING
                            : self::CONTACT_RAW + self::SIDE_LIFTS * $lift * ($baked < 0 ? 0.0 : ($baked > 1 ? 1.0 : $baked));
                    }
                    $g = $around[$i] * $dz[$j] / $resist;
                    $d += $g;
                    $t[$c] = $g / $d;
                    $lower = $g;
                } else {
                    $d += $beyond[$j];
                }
                $jnv[$c] = 1 / $d;
                $pivot = $d;
            }
        }

        return new self($C, $k, [$w, $inv, $u], [$v, $jnv, $t], $below, $beyond, $inside);
    }

    /**
     * One step along z.
     *
     * @param  array<int, float>  $T
     * @param  array<int, int>  $top
     * @param  array<int, float>  $addD  what the face above adds to the last pivot
     * @param  array<int, float>  $addR  and to its right side
     * @return array<int, float>
     */
    public function alongZ(array $T, Grid $grid, array $top, array $addD, array $addR, float $belowCelsius): array
    {
        $columns = $grid->columns;
        $C = $this->C;
        [$w, $inv, $u] = $this->z;
        for ($i = 0; $i < $columns; $i++) {
            $end = $top[$i] * $columns + $i;
            $rhs = $C[$i] * $T[$i] + $this->below[$i] * $belowCelsius;
            $T[$i] = $rhs;
            for ($c = $i + $columns; $c <= $end; $c += $columns) {
                $rhs = $C[$c] * $T[$c] + $w[$c] * $rhs;
                $T[$c] = $rhs;
            }
            $t = ($rhs + $addR[$i]) / (1 / $inv[$end] + $addD[$i]);
            $T[$end] = $t;
            for ($c = $end - $columns; $c >= 0; $c -= $columns) {
                $t = $T[$c] * $inv[$c] + $u[$c] * $t;
                $T[$c] = $t;
            }
        }

        return $T;
    }

    /**
     * One step along r.
     *
     * @param  array<int, float>  $T
     * @param  array<int, int>  $first
     * @return array<int, float>
     */
    public function alongR(array $T, Grid $grid, array $first, float $besideCelsius, float $insideCelsius): array
    {
        $columns = $grid->columns;
        $rows = $grid->rows;
        $C = $this->C;
        [$v, $inv, $u] = $this->r;
        for ($j = 0; $j < $rows; $j++) {
            $from = $j * $columns + $first[$j];
            $to = $j * $columns + $columns - 1;
            $rhs = $C[$from] * $T[$from] + $this->inside[$j] * $insideCelsius;
            $T[$from] = $rhs;
            for ($c = $from + 1; $c <= $to; $c++) {
                $rhs = $C[$c] * $T[$c] + $v[$c] * $rhs;
                $T[$c] = $rhs;
            }
            $t = ($rhs + $this->beyond[$j] * $besideCelsius) * $inv[$to];
            $T[$to] = $t;
            for ($c = $to - 1; $c >= $from; $c--) {
                $t = $T[$c] * $inv[$c] + $u[$c] * $t;
                $T[$c] = $t;
            }
        }

        return $T;
    }

    /** @return array{array<int, float>, array<int, float>} heat capacity of each cell over the step, W/K, and conductivity, W/m K */
    private static function properties(Cells $cells, Grid $grid, CellMaterials $materials, float $seconds): array
    {
        $T = $cells->T;
        $W = $cells->W;
        $peak = $cells->peak;
        $kind = $grid->kind;
        $columns = $grid->columns;
        $porosity = self::POROSITY_BAKED[$materials->isPuff ? 'puff' : 'short'] - self::POROSITY_RAW;
        [$heat0, $heat1, $k0, $k1, $volume] = [$materials->heat0, $materials->heat1, $materials->k0, $materials->k1, $materials->volume];
        $C = $k = [];
        $c = 0;
        foreach ($grid->dz as $dz) {
            for ($i = 0; $i < $columns; $i++, $c++) {
                $what = $kind[$c];
                $m3 = $grid->area[$i] * $dz;
                if ($what === Grid::TIN) {
                    $C[] = $m3 * $materials->tinHeat / $seconds;
                    $k[] = $materials->tinConducts;

                    continue;
                }
                $t = $T[$c];
                $wet = $W[$c] * 0.001;
                $conducts = ($wet * (0.57109 + $t * (1.7625e-3 - 6.7036e-6 * $t)) + $volume[$what] * ($k0[$what] + $k1[$what] * $t)) / ($wet + $volume[$what]);
                if ($what === Grid::CRUST || $what === Grid::LID) {
                    $baked = ($peak[$c] - 80) / 18;
                    $conducts *= (1 - self::POROSITY_RAW - $porosity * ($baked < 0 ? 0.0 : ($baked > 1 ? 1.0 : $baked))) ** 2.2;
                }
                $k[] = $conducts;
                $C[] = $m3 * ($W[$c] * Vapour::WATER_HEAT + $heat0[$what] + $heat1[$what] * $t) / $seconds;
            }
        }

        return [$C, $k];
    }
}

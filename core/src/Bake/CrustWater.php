<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/**
 * Water in pastry: it boils where it is hot enough for how dry it is, diffuses, takes up what lies on it, and dries through the
 * gap below. Every move is held to a quarter of what its donor has in a step; without that a tenth of all pies breaks the sums.
 */
final readonly class CrustWater
{
    /** m2/s, raw and baked, each faster by 2 % a K above 25 °C (order of magnitude) */
    private const DIFFUSION_RAW = 2.0e-10;

    private const DIFFUSION_BAKED = 1.5e-9;

    /** kg/m2 s of liquid taken up, raw and baked; and as vapour (judgement) */
    private const UPTAKE_RAW = 1.0e-4;

    private const UPTAKE_BAKED = 3.0e-4;

    private const SORPTION = 1.2e-5;

    /** kg water to kg of solids at which pastry is full, raw and baked (judgement) */
    private const FULL_RAW = 0.75;

    private const FULL_BAKED = 1.5;

    /** m/s, steam of the filling onto the underside of a lid (weak fit) */
    private const LID_WETTING = 2.5e-3;

    /** Of what boils in it, the share that leaves outward: base (from the ware), side, lid, alone. */
    private const LEAVES = [CrustPaths::BASE => 0.15, CrustPaths::SIDE => 0.7, CrustPaths::LID => 1.0, CrustPaths::ALONE => 1.0];

    private const MOST = 0.25;

    /**
     * @param  array<int, float>  $C  heat capacity over the step, W/K
     * @param  array<int, float>  $boils  Vapour::boilingPoints
     */
    public static function boil(Cells $cells, Grid $grid, CrustPaths $paths, CellMaterials $materials, array $C, array $boils, float $seconds, float $leavesBelow): void
    {
        $T = $cells->T;
        $W = $cells->W;
        $cells->T = $cells->W = [];
        $solids = $materials->solids[Grid::CRUST];
        $volumes = $grid->m3;
        $L = Vapour::LATENT;
        $gone = $joules = 0.0;
        foreach ($paths->all as [$c, $stride, $count, , , $fill, , $kind]) {
            $vapour = 0.0;
            $leaves = $kind === CrustPaths::BASE ? $leavesBelow : self::LEAVES[$kind] ?? 1.0;
            for ($n = 0; $n < $count; $n++, $c += $stride) {
                $t = $T[$c];
                $m3 = $volumes[$c];
                if ($t < 99.0 && $vapour === 0.0) {
                    continue;
                }
                $x = $W[$c] / ($solids * Vapour::X_STEP);
                $p = (int) $x;
                if ($p >= Vapour::X_STEPS) {
                    $boilsAt = $boils[Vapour::X_STEPS];
                    $slope = 0.0;
                } else {
                    $slope = $boils[$p] - $boils[$p + 1];
                    $boilsAt = $boils[$p] - $slope * ($x - $p);
                    $slope /= Vapour::X_STEP * $solids * $m3;
                }
                $heat = $C[$c] * $seconds;
                if ($t > $boilsAt) {
                    $kg = $heat * ($t - $boilsAt) / ($L + $heat * $slope);
                    $most = 0.5 * $W[$c] * $m3;
                    if ($kg > $most) {
                        $kg = $most > 0 ? $most : 0.0;
                    }
                    $W[$c] -= $kg / $m3;
                    $T[$c] = $t - $kg * $L / $heat;
                    $gone += $kg * $leaves;
                    $joules += $kg * $leaves * ($L + Vapour::WATER_HEAT * $t);
                    $vapour += $kg * (1 - $leaves);
                } elseif ($vapour > 0.0) {
                    $kg = $heat * ($boilsAt - $t) / $L;
                    if ($kg > $vapour) {
                        $kg = $vapour;
                    }
                    $W[$c] += $kg / $m3;
                    $T[$c] = $t + $kg * $L / $heat;
                    $vapour -= $kg;
                }
            }
            if ($vapour > 0.0 && $fill >= 0) {
                $W[$fill] += $vapour / $volumes[$fill];
                $T[$fill] += $vapour * $L / ($C[$fill] * $seconds);
            } elseif ($vapour > 0.0) {
                $gone += $vapour;
                $joules += $vapour * ($L + Vapour::WATER_HEAT * 100);
            }
        }
        $cells->T = $T;
        $cells->W = $W;
        $cells->evaporatedKg += $gone;
        $cells->vapourJoules += $joules;
    }

    /**
     * @param  array<int, float>  $C  heat capacity over the step, W/K
     * @param  array<int, float>  $wets  how freely the filling wets each column's base and each row's side, in the order of the lines
     * @param  array<int, float>  $densities  Vapour::densities
     */
    public static function move(Cells $cells, Grid $grid, CrustPaths $paths, CellMaterials $materials, array $C, array $wets, array $densities, Surroundings $air, float $seconds, float $barrier, float $gap): void
    {
        $T = $cells->T;
        $W = $cells->W;
        $cells->T = $cells->W = [];
        $peak = $cells->peak;
        $solids = $materials->solids[Grid::CRUST];
        $volumes = $grid->m3;
        $gone = $joules = 0.0;
        $index = 0;
        foreach ($paths->all as [$c, $stride, $count, $thick, $face, $fill, $fillThick, $kind]) {
            // underside: dries through the gap between crust and tin, while it does not boil
            if ($kind === CrustPaths::BASE) {
                $t = $T[$c];
                $p = (int) $t;
                $p = $p < 0 ? 0 : ($p > 318 ? 318 : $p);
                $x = $W[$c] / $solids;
                $activity = $x > 2.0 ? 1.0 : 1 - exp(-11 * $x ** 1.1);
                $kg = $gap * ($activity * ($densities[$p] + ($densities[$p + 1] - $densities[$p]) * ($t - $p)) - $air->vapour) * $seconds * $face;
                $most = self::MOST * $W[$c] * $volumes[$c];
                $kg = $kg > $most ? $most : ($kg < 0 ? 0.0 : $kg);
                $W[$c] -= $kg / $volumes[$c];
                $T[$c] -= $kg * Vapour::LATENT / ($C[$c] * $seconds);
                $gone += $kg;
                $joules += $kg * (Vapour::LATENT + Vapour::WATER_HEAT * $t);
            }
            // along the line
            $baked = ($peak[$c] - 80) / 18;
            $b = $baked < 0 ? 0.0 : ($baked > 1 ? 1.0 : $baked);
            for ($n = 1; $n < $count; $n++, $c += $stride) {
                $d = $c + $stride;
                $warm = 1 + 0.02 * ($T[$c] - 25);
                $here = $volumes[$c] / $face;
                $there = $volumes[$d] / $face;
                $fourier = (self::DIFFUSION_RAW + (self::DIFFUSION_BAKED - self::DIFFUSION_RAW) * $b) * ($warm > 0.2 ? $warm : 0.2) * $seconds * 2 / (($here + $there) * $here);
                $flow = ($fourier > self::MOST ? self::MOST : $fourier) * ($W[$c] - $W[$d]);
                $W[$c] -= $flow;
                $W[$d] += $flow * $volumes[$c] / $volumes[$d];
            }
            // from the filling: liquid and what pastry draws as vapour; a lid is wetted by steam
            if ($fill >= 0) {
                $x = $W[$c] / $solids;
                $activity = $x > 2.0 ? 1.0 : 1 - exp(-11 * $x ** 1.1);
                $most = self::MOST * $W[$fill] * $fillThick;
                if ($kind === CrustPaths::LID) {
                    $t = $T[$fill];
                    $p = $t < 0 ? 0 : ($t > 318 ? 318 : (int) $t);
                    $q = $T[$c] < 0 ? 0 : ($T[$c] > 318 ? 318 : (int) $T[$c]);
                    $kg = self::LID_WETTING * (0.98 * $densities[$p] - $activity * $densities[$q]) * $seconds;
                    // steam condenses until lid and filling are as warm, no further
                    $warms = 0.5 * $C[$c] * $seconds * ($t - $T[$c]) / (Vapour::LATENT * $face);
                    $kg = $kg > $warms ? $warms : $kg;
                } else {
                    $baked = ($peak[$c] - 80) / 18;
                    $b = $baked < 0 ? 0.0 : ($baked > 1 ? 1.0 : $baked);
                    $head = $wets[$index] - $x / (self::FULL_RAW + (self::FULL_BAKED - self::FULL_RAW) * $b);
                    $warm = 1 + 0.02 * ($T[$c] - 25);
                    $kg = $barrier * $seconds * (
                        ($head > 0 ? (self::UPTAKE_RAW + (self::UPTAKE_BAKED - self::UPTAKE_RAW) * $b) * $head : 0.0)
                        + self::SORPTION * (0.98 - $activity) * ($warm > 0.2 ? $warm : 0.2)
                    );
                }
                if ($kg > 0) {
                    $brings = ($kg > $most ? $most : $kg) * $face;
                    $W[$fill] -= $brings / $volumes[$fill];
                    $W[$c] += $brings / $volumes[$c];
                    // what moves brings its heat along; onto a lid it condenses
                    $heat = $C[$c] * $seconds;
                    $T[$c] = ($heat * $T[$c] + Vapour::WATER_HEAT * $brings * $T[$fill] + ($kind === CrustPaths::LID ? Vapour::LATENT * $brings : 0.0)) / ($heat + Vapour::WATER_HEAT * $brings);
                    if ($kind === CrustPaths::LID) {
                        $T[$fill] -= Vapour::LATENT * $brings / ($C[$fill] * $seconds);
                    }
                }
            }
            $index++;
        }
        $cells->T = $T;
        $cells->W = $W;
        $cells->evaporatedKg += $gone;
        $cells->vapourJoules += $joules;
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/**
 * Water in pastry: it boils where it is hot enough for how dry it is, diffuses, takes up what lies on it, and dries through the
 * gap below. Every move is held to a quarter of what its donor has in a step; without that a tenth of all pies breaks the sums.
 * Loops take an array out, work on it as their own and put it back, because PHP reads local arrays twice as fast as properties.
 */
final readonly class CrustWater
{
    /** m2/s, raw and baked (order of magnitude, judgement), each faster by so much a K above 25 °C, never slower than a fifth */
    private const DIFFUSION_RAW = 2.0e-10;

    private const DIFFUSION_BAKED = 1.5e-9;

    private const FASTER_A_KELVIN = 0.02;

    private const SLOWEST = 0.2;

    /** kg/m2 s of liquid taken up, raw and baked; and as vapour (judgement) */
    private const UPTAKE_RAW = 1.0e-4;

    private const UPTAKE_BAKED = 3.0e-4;

    private const SORPTION = 1.2e-5;

    /** Activity of water in a filling (judgement). */
    private const FILLING_ACTIVITY = 0.98;

    /** kg water to kg of solids at which pastry is full, raw and baked (judgement) */
    private const FULL_RAW = 0.75;

    private const FULL_BAKED = 1.5;

    /** Of what boils in it, the share that leaves outward: side, lid, alone (judgement); of the base the tin decides. */
    private const LEAVES = [CrustPaths::SIDE => 0.7, CrustPaths::LID => 1.0, CrustPaths::ALONE => 1.0];

    /** Share of its water that a donor may lose in a step, by moving and by boiling (numerics). */
    private const MOST_MOVES = 0.25;

    private const MOST_BOILS = 0.5;

    /** Below this nothing boils, °C (numerics). */
    private const BOILS_FROM = 99.0;

    private const L = Vapour::LATENT_JOULES_PER_KG;

    private const CW = Vapour::WATER_JOULES_PER_KG_KELVIN;

    private float $solids;

    /** @var list<array{int, int, int, int, float}> first cell, stride, count, filling cell or -1, share that leaves of what boils */
    private array $boiling;

    /** @var list<array{int, float}> first cell and face, m2, of the paths up the base */
    private array $undersides;

    /** @var list<array{int, int, int, float}> first cell, stride, count, face m2 */
    private array $diffusing;

    /** @var list<array{int, int, float, int, float}> of base and side: index of the path, last cell, face m2, filling cell, its thickness m */
    private array $wetted;

    public function __construct(private Grid $grid, CrustPaths $paths, CellMaterials $materials, float $boilsOutBelowShare)
    {
        $this->solids = $materials->solids[Grid::CRUST];
        $boiling = $undersides = $diffusing = $wetted = [];
        foreach ($paths->all as $index => [$c, $stride, $count, $face, $fill, $fillThick, $kind]) {
            $boiling[] = [$c, $stride, $count, $fill, $kind === CrustPaths::BASE ? $boilsOutBelowShare : self::LEAVES[$kind]];
            $diffusing[] = [$c, $stride, $count, $face];
            if ($kind === CrustPaths::BASE) {
                $undersides[] = [$c, $face];
            }
            if ($fill >= 0 && $kind !== CrustPaths::LID) {
                $wetted[] = [$index, $c + ($count - 1) * $stride, $face, $fill, $fillThick];
            }
        }
        $this->boiling = $boiling;
        $this->undersides = $undersides;
        $this->diffusing = $diffusing;
        $this->wetted = $wetted;
    }

    /** @param  array<int, float>  $C  heat capacity of each cell, J/K */
    public function boil(Cells $cells, array $C): void
    {
        $T = $cells->T;
        $W = $cells->W;
        $cells->T = $cells->W = [];
        $m3s = $this->grid->m3;
        $boils = SteamTables::boilingPoints();
        $gone = $joules = 0.0;
        $aRow = $this->solids * Vapour::X_STEP_RATIO;
        foreach ($this->boiling as [$c, $stride, $count, $fill, $leaves]) {
            $vapour = 0.0;
            for ($n = 0; $n < $count; $n++, $c += $stride) {
                $t = $T[$c];
                if ($t < self::BOILS_FROM && $vapour === 0.0) {
                    continue;
                }
                $m3 = $m3s[$c];
                // between two rows of the table, and K a kg that boils off
                $x = $W[$c] / $aRow;
                $p = (int) $x;
                $slope = $p < Vapour::X_STEPS ? $boils[$p] - $boils[$p + 1] : 0.0;
                $boilsAt = $p < Vapour::X_STEPS ? $boils[$p] - $slope * ($x - $p) : $boils[Vapour::X_STEPS];
                $heat = $C[$c];
                if ($t > $boilsAt) {
                    // dm = C (T - T_b) / (L + C |dT_b/dm|), at most half of the water there is
                    $kg = $heat * ($t - $boilsAt) / (self::L + $heat * ($slope / ($aRow * $m3)));
                    $most = self::MOST_BOILS * $W[$c] * $m3;
                    $kg = $kg > $most ? ($most > 0 ? $most : 0.0) : $kg;
                    $W[$c] -= $kg / $m3;
                    $T[$c] = $t - $kg * self::L / $heat;
                    $gone += $kg * $leaves;
                    $joules += $kg * $leaves * (self::L + self::CW * $t);
                    $vapour += $kg * (1 - $leaves);
                } elseif ($vapour > 0.0) {
                    $kg = $heat * ($boilsAt - $t) / self::L;
                    $kg = $kg > $vapour ? $vapour : $kg;
                    $W[$c] += $kg / $m3;
                    $T[$c] = $t + $kg * self::L / $heat;
                    $vapour -= $kg;
                }
            }
            if ($vapour > 0.0 && $fill >= 0) {
                $W[$fill] += $vapour / $m3s[$fill];
                $T[$fill] += $vapour * self::L / $C[$fill];
            } elseif ($vapour > 0.0) {
                $gone += $vapour;
                $joules += $vapour * (self::L + self::CW * 100);
            }
        }
        $cells->T = $T;
        $cells->W = $W;
        $cells->evaporatedKg += $gone;
        $cells->vapourJoules += $joules;
    }

    /**
     * Underside: dries through the gap between crust and tin, while it does not boil.
     *
     * @param  array<int, float>  $C  heat capacity of each cell, J/K
     * @param  float  $gap  m/s
     */
    public function dryUnderside(Cells $cells, array $C, Surroundings $air, float $gap, float $seconds): void
    {
        $T = $cells->T;
        $W = $cells->W;
        $cells->T = $cells->W = [];
        $m3s = $this->grid->m3;
        $densities = SteamTables::densities();
        $gone = $joules = 0.0;
        foreach ($this->undersides as [$c, $face]) {
            $t = $T[$c];
            $p = (int) $t;
            $p = $p < 0 ? 0 : ($p > Vapour::LAST_ROW ? Vapour::LAST_ROW : $p);
            $kg = $gap * (Vapour::activityShare($W[$c] / $this->solids) * ($densities[$p] + ($densities[$p + 1] - $densities[$p]) * ($t - $p)) - $air->vapourKgPerM3) * $seconds * $face;
            $most = self::MOST_MOVES * $W[$c] * $m3s[$c];
            $kg = $kg > $most ? $most : ($kg < 0 ? 0.0 : $kg);
            $W[$c] -= $kg / $m3s[$c];
            $T[$c] -= $kg * self::L / $C[$c];
            $gone += $kg;
            $joules += $kg * (self::L + self::CW * $t);
        }
        $cells->T = $T;
        $cells->W = $W;
        $cells->evaporatedKg += $gone;
        $cells->vapourJoules += $joules;
    }

    /** Along each path, J = D dX. */
    public function diffuse(Cells $cells, float $seconds): void
    {
        $T = $cells->T;
        $W = $cells->W;
        $cells->W = [];
        $peak = $cells->peak;
        $m3s = $this->grid->m3;
        foreach ($this->diffusing as [$c, $stride, $count, $face]) {
            $D = self::DIFFUSION_RAW + (self::DIFFUSION_BAKED - self::DIFFUSION_RAW) * CrustState::bakedShare($peak[$c]);
            for ($n = 1; $n < $count; $n++, $c += $stride) {
                $d = $c + $stride;
                $here = $m3s[$c] / $face;
                $fourier = $D * self::warmth($T[$c]) * $seconds * 2 / (($here + $m3s[$d] / $face) * $here);
                $flow = ($fourier > self::MOST_MOVES ? self::MOST_MOVES : $fourier) * ($W[$c] - $W[$d]);
                $W[$c] -= $flow;
                $W[$d] += $flow * $m3s[$c] / $m3s[$d];
            }
        }
        $cells->W = $W;
    }

    private static function warmth(float $celsius): float
    {
        $warm = 1 + self::FASTER_A_KELVIN * ($celsius - 25);

        return $warm > self::SLOWEST ? $warm : self::SLOWEST;
    }

    /**
     * From the filling: liquid, and what pastry draws as vapour. What moves brings its heat along.
     *
     * @param  array<int, float>  $C  heat capacity of each cell, J/K
     * @param  array<int, float>  $wets  how freely the filling wets each path
     * @param  float  $barrier  what a seal lets through, 0 to 1
     */
    public function takeUp(Cells $cells, array $C, array $wets, float $barrier, float $seconds): void
    {
        $T = $cells->T;
        $W = $cells->W;
        $cells->T = $cells->W = [];
        $peak = $cells->peak;
        $m3s = $this->grid->m3;
        foreach ($this->wetted as [$index, $c, $face, $fill, $fillThick]) {
            $kg = self::liquidKg($wets[$index], $W[$c] / $this->solids, CrustState::bakedShare($peak[$c]), $T[$c], $barrier * $seconds);
            if ($kg > 0) {
                $most = self::MOST_MOVES * $W[$fill] * $fillThick;
                $brings = ($kg > $most ? $most : $kg) * $face;
                $W[$fill] -= $brings / $m3s[$fill];
                $W[$c] += $brings / $m3s[$c];
                $heat = $C[$c];
                $T[$c] = ($heat * $T[$c] + self::CW * $brings * $T[$fill]) / ($heat + self::CW * $brings);
            }
        }
        $cells->T = $T;
        $cells->W = $W;
    }

    /** J = barrier (g max(0, A - X/X_sat) + sorption (0.98 - a_w)), kg/m2 in the step */
    private static function liquidKg(float $wets, float $x, float $baked, float $celsius, float $barrierSeconds): float
    {
        $head = $wets - $x / (self::FULL_RAW + (self::FULL_BAKED - self::FULL_RAW) * $baked);

        return $barrierSeconds * (
            ($head > 0 ? (self::UPTAKE_RAW + (self::UPTAKE_BAKED - self::UPTAKE_RAW) * $baked) * $head : 0.0)
            + self::SORPTION * (self::FILLING_ACTIVITY - Vapour::activityShare($x)) * self::warmth($celsius)
        );
    }
}

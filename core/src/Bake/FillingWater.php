<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/**
 * Water of the filling: what the solids let go as they warm, what is loose between them, how that wets the crust, and what
 * boils or dries off.
 */
final readonly class FillingWater
{
    /** 1/s above 80 °C, rising from nothing at 60 (judgement) */
    private const RELEASE = 1 / 480;

    private const RELEASE_FROM = 60;

    private const RELEASE_OVER = 20;

    /** Loose water that wets as much as half of all, kg/m3; what a gel still lets go; what it holds of its liquid (judgement) */
    private const HALF_WETS = 30.0;

    private const GEL_WETS = 0.05;

    private const GEL_HOLDS = 0.03;

    /** Of what solids in the middle of a set custard let go, what comes down to the crust (fitted). */
    public const COMES_DOWN = 0.15;

    /** Liquid that over-cooking squeezes out, at most, of the part of the custard that is liquid (judgement) */
    private const SYNERESIS = 0.05 * 0.7;

    /** m2/s, towards the skin, and how many rows of it are followed (fitted) */
    private const TO_THE_SKIN = 3.7e-10;

    private const SKIN_ROWS = 5;

    /** Share of its water that a cell may lose in a step, by moving and by boiling; below this nothing boils, °C (numerics). */
    private const MOST_MOVES = 0.25;

    private const MOST_BOILS = 0.5;

    private const BOILS_FROM = 100.0;

    private float $m3;

    /** @var list<int> of the filling */
    private array $fillCells;

    public function __construct(private Grid $grid, private CrustPaths $paths, private CellMaterials $materials, private BakeInput $input)
    {
        $this->m3 = $materials->fillingM3;
        $this->fillCells = $grid->fillCells();
    }

    /**
     * kg of loose water in a m3 of filling, after what binders and the gel hold; the solids let go on the way. What lies low wets the
     * crust; of what lies in the custard a little comes down once it has set; what lies on top of it does not.
     */
    public function release(Cells $cells, float $seconds): float
    {
        $T = $cells->T;
        $released = $cells->released;
        $early = $cells->early;
        $cells->released = $cells->early = [];
        $dose = $cells->dose;
        $peak = $cells->peak;
        $sum = $late = $squeezed = $set = 0.0;
        $m3s = $this->grid->m3;
        $sets = $this->input->setsAtCelsius ?? Doneness::NEVER_CELSIUS;
        foreach ($this->fillCells as $c) {
            $t = $T[$c];
            if ($t > self::RELEASE_FROM) {
                $eager = ($t - self::RELEASE_FROM) / self::RELEASE_OVER;
                $released[$c] += (1 - $released[$c]) * self::RELEASE * ($eager > 1 ? 1.0 : $eager) * $seconds;
            }
            $m3 = $m3s[$c];
            $sum += $released[$c] * $m3;
            if ($dose[$c] > 1) {
                $much = log10($dose[$c]) / 2;
                $squeezed += ($much > 1 ? 1.0 : $much) * $m3;
            }
            if ($peak[$c] > $sets) {
                $set += $m3;
                $late += ($released[$c] - $early[$c]) * $m3;
            } else {
                $early[$c] = $released[$c];
            }
        }
        $cells->released = $released;
        $cells->early = $early;
        $weep = $this->input->weep;
        $kg = $weep->lowKg * $sum + self::COMES_DOWN * $weep->midKg * $late + $this->input->liquidKg * self::SYNERESIS * $squeezed;
        $held = $this->input->bindsKg * $this->m3 + $this->input->liquidKg * self::GEL_HOLDS * $set;

        return max(0.0, ($kg - $held) / $this->m3 / $this->m3);
    }

    /**
     * How freely it wets the crust where it touches it: runny before it sets, by its loose water after.
     *
     * @return array<int, float> in the order of the paths
     */
    public function wets(Cells $cells, float $looseKgPerM3): array
    {
        $free = $looseKgPerM3 / ($looseKgPerM3 + self::HALF_WETS);
        $runny = max($this->input->runnyShare, $free);
        $gel = self::GEL_WETS + $free;
        $sets = $this->input->setsAtCelsius;
        $wets = [];
        foreach ($this->paths->all as [, , , , $fill]) {
            if ($fill < 0 || $sets === null) {
                $wets[] = $sets === null ? $free : 0.0;

                continue;
            }
            $set = Doneness::setShare($cells->peak[$fill], $sets);
            $wets[] = (1 - $set) * $runny + $set * $gel;
        }

        return $wets;
    }

    /**
     * Boils where it is past its boiling point.
     *
     * @param  array<int, float>  $C  heat capacity of each cell, J/K
     */
    public function boil(Cells $cells, array $C): void
    {
        $T = $cells->T;
        $W = $cells->W;
        $cells->T = $cells->W = [];
        $gone = $joules = 0.0;
        $boils = SteamTables::boilingPoints();
        foreach ($this->fillCells as $c) {
            $t = $T[$c];
            if ($t < self::BOILS_FROM) {
                continue;
            }
            $row = $this->materials->solids[$this->grid->kind[$c]] * Vapour::X_STEP_RATIO;
            $x = $W[$c] / $row;
            $p = (int) $x;
            $slope = $p < Vapour::X_STEPS ? $boils[$p] - $boils[$p + 1] : 0.0;
            $boilsAt = $p < Vapour::X_STEPS ? $boils[$p] - $slope * ($x - $p) : $boils[Vapour::X_STEPS];
            if ($t <= $boilsAt) {
                continue;
            }
            $m3 = $this->grid->m3[$c];
            $kg = min(self::MOST_BOILS * $W[$c] * $m3, $C[$c] * ($t - $boilsAt) / (Vapour::LATENT_JOULES_PER_KG + $C[$c] * $slope / ($row * $m3)));
            $W[$c] -= $kg / $m3;
            $T[$c] = $t - $kg * Vapour::LATENT_JOULES_PER_KG / $C[$c];
            $gone += $kg;
            $joules += $kg * (Vapour::LATENT_JOULES_PER_KG + Vapour::WATER_JOULES_PER_KG_KELVIN * $t);
        }
        $cells->T = $T;
        $cells->W = $W;
        $cells->evaporatedKg += $gone;
        $cells->vapourJoules += $joules;
    }

    /** Water moves up into the drying skin. */
    public function feedSkin(Cells $cells, float $seconds): void
    {
        $W = $cells->W;
        $cells->W = [];
        $grid = $this->grid;
        for ($n = 0; $n < self::SKIN_ROWS - 1; $n++) {
            $j = $grid->fillTo - $n;
            if ($j <= $grid->fillFrom) {
                break;
            }
            $move = self::TO_THE_SKIN * $seconds / (($grid->dz[$j] + $grid->dz[$j - 1]) / 2);
            $up = min($move / $grid->dz[$j], self::MOST_MOVES);
            for ($i = 0; $i < $grid->fillColumns; $i++) {
                $c = $j * $grid->columns + $i;
                $flow = $up * ($W[$c - $grid->columns] - $W[$c]) * $grid->dz[$j];
                $W[$c] += $flow / $grid->dz[$j];
                $W[$c - $grid->columns] -= $flow / $grid->dz[$j - 1];
            }
        }
        $cells->W = $W;
    }

    /**
     * The open share of a lattice lets heat onto the filling and its vapour out.
     *
     * @param  array<int, float>  $C  heat capacity of each cell, J/K
     */
    public function throughTheLattice(Cells $cells, Surroundings $air, array $C, float $aboveCelsius, float $seconds): void
    {
        $grid = $this->grid;
        $open = $this->input->openShare;
        $densities = SteamTables::densities();
        for ($i = 0; $i < $grid->fillColumns; $i++) {
            $c = $grid->fillTo * $grid->columns + $i;
            $t = $cells->T[$c];
            $m3 = $grid->area[$i] * $grid->dz[$grid->fillTo];
            $holds = $C[$c];
            $dries = max(0.0, $open * $air->convectionAbove / $air->lewis * TopFace::DRYING[Grid::FILLING] * ($densities[max(0, min(Vapour::LAST_ROW, (int) $t))] - $air->vapourKgPerM3) * $seconds * $grid->area[$i]);
            $kg = min(0.1 * $cells->W[$c] * $m3, $dries);
            // what dries off takes no more heat than comes in and the cell can spare
            $conducts = $open * TopFace::USUAL_WATTS * $grid->area[$i] * $seconds;
            $kg = min($kg, ($conducts * max(0.0, $aboveCelsius - $t) + 0.02 * $holds * max(0.0, $t - 20)) / Vapour::LATENT_JOULES_PER_KG);
            $warmed = ($holds * $t + $conducts * $aboveCelsius - $kg * Vapour::LATENT_JOULES_PER_KG) / ($holds + $conducts);
            $cells->T[$c] = $warmed;
            $cells->W[$c] -= $kg / $m3;
            $cells->heatJoules += ($warmed - $t) * $holds;
            $cells->evaporatedKg += $kg;
            $cells->vapourJoules += $kg * Vapour::WATER_JOULES_PER_KG_KELVIN * $t;
        }
    }
}

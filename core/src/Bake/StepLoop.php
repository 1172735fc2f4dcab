<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/** The time loop: one step after another of all that goes on in a pie or its shell. */
final class StepLoop
{
    /** Length of a step, s: of the fine and the coarse grid, and out of the oven; a stage begins with smaller ones, because much changes at once (numerics, docs/model.md). */
    private const STEP = 20.0;

    private const FIRST_STEP = 10.0;

    private const FIRST_SECONDS = 120.0;

    private const COARSE_STEP = 30.0;

    private const REST_STEP = 40.0;

    /** Properties are taken anew so often, s; more often at the beginning of a stage (numerics). */
    private const REFRESH = 120.0;

    private const FIRST_REFRESH = 20.0;

    /** A lid more open than this lets heat in and vapour out through its gaps (definition). */
    private const LATTICE_SHARE = 0.1;

    private readonly Heat $heat;

    private readonly TopFace $face;

    private readonly Weighting $weighting;

    private readonly FillingWater $filling;

    private readonly Browning $browning;

    private readonly Outline $outlineOfPie;

    private readonly Outline $outlineOfShell;

    private readonly CrustWater $crustOfPie;

    private readonly CrustWater $crustOfShell;

    private readonly float $barrierShare;

    private int $steps = 0;

    private bool $zFirst = true;

    public function __construct(private readonly Grid $grid, CellMaterials $materials, private readonly BakeInput $input, float $uptakeFactor, private readonly bool $coarse)
    {
        $paths = CrustPaths::of($grid, false);
        $this->heat = new Heat($grid, $materials, $input->heatFromBelowFactor());
        $this->face = new TopFace($grid, $materials);
        $this->weighting = new Weighting($grid);
        $this->filling = new FillingWater($grid, $paths, $materials, $input);
        $this->browning = new Browning($grid, $materials, $input);
        $this->outlineOfPie = Outline::ofPie($grid);
        $this->outlineOfShell = Outline::ofShell($grid);
        $this->crustOfPie = new CrustWater($grid, $paths, $materials, $input->boilsOutBelowShare());
        $this->crustOfShell = new CrustWater($grid, CrustPaths::of($grid, true), $materials, $input->boilsOutBelowShare());
        $this->barrierShare = $input->barrierShare() * $uptakeFactor;
    }

    public function steps(): int
    {
        return $this->steps;
    }

    /**
     * One stage.
     *
     * @param  callable(float, float, int): bool  $note  told after each step: minutes of the stage, the coldest of the filling in °C, its cell; true ends the stage
     * @return float minutes it took
     */
    public function run(OvenStage $stage, Cells $cells, callable $note): float
    {
        $outline = $stage->isShell ? $this->outlineOfShell : $this->outlineOfPie;
        $factors = null;
        $seconds = $refreshAt = $last = 0.0;
        $until = $stage->minutes * 60;
        while ($seconds < $until - 1e-6) {
            $step = $stage->isResting ? min(self::REST_STEP, $until - $seconds) : $this->step($seconds, $until);
            if ($factors === null || $seconds >= $refreshAt || $step !== $last) {
                $factors = $this->heat->factors($cells, $stage->air, $outline, $step, $stage->insideWatts);
                $refreshAt = $seconds + ($seconds < self::FIRST_SECONDS ? self::FIRST_REFRESH : self::REFRESH);
                $last = $step;
            }
            $dip = $stage->air->dip($seconds);
            $above = $stage->air->aboveCelsius - $dip;
            $this->heatUp($stage, $outline, $factors, $cells, $dip, $step);
            $this->moveWater($stage, $factors->C, $cells, $above, $step);
            [$cold, $where] = Doneness::cook($cells, $this->grid, $this->input->setsAtCelsius, $step);
            if (! $stage->isResting) {
                $this->browning->brown($cells, $outline, $factors->k, $above, $step);
            }
            $seconds += $step;
            $this->steps++;
            if ($note($seconds / 60, $cold, $where)) {
                break;
            }
        }

        return $seconds / 60;
    }

    /**
     * Heat and drying alone, by steps all of one length.
     *
     * @param  callable(): bool  $goesOn  asked before each step
     * @param  callable(): mixed  $note  told after each
     */
    public function drift(Surroundings $air, Cells $cells, float $step, callable $goesOn, callable $note): void
    {
        $factors = $this->heat->factors($cells, $air, $this->outlineOfPie, $step, 0.0);
        while ($goesOn()) {
            $load = $this->face->load($cells, $air, $this->outlineOfPie, $factors->k, $air->aboveCelsius, $step);
            $this->sweep($factors, $this->outlineOfPie, $load, $cells, [$air->belowCelsius, $air->belowCelsius, 0.0], $step);
            $this->steps++;
            $note();
        }
    }

    private function step(float $seconds, float $until): float
    {
        $step = match (true) {
            $this->coarse => self::COARSE_STEP,
            $seconds < self::FIRST_SECONDS => self::FIRST_STEP,
            default => self::STEP,
        };

        return min($step, $until - $seconds);
    }

    private function heatUp(OvenStage $stage, Outline $outline, HeatFactors $factors, Cells $cells, float $dip, float $step): void
    {
        $above = $stage->air->aboveCelsius - $dip;
        $below = $stage->air->belowCelsius;
        $load = $this->face->load($cells, $stage->air, $outline, $factors->k, $above, $step);
        if ($stage->isWeighted) {
            $load = $this->weighting->on($load, $cells, $outline, $above, $step);
        }
        $inside = $stage->isWeighted ? $cells->weightsCelsius : ($stage->isShell ? $above : 0.0);
        $this->sweep($factors, $outline, $load, $cells, [$below - $dip, ($above + $below - $dip) / 2, $inside], $step);
    }

    /** @param  array<int, float>  $C  heat capacity over the step, W/K */
    private function moveWater(OvenStage $stage, array $C, Cells $cells, float $above, float $step): void
    {
        if ($stage->isShell) {
            $this->crustOfShell->boil($cells, $C, $step);
            $this->crustOfShell->diffuse($cells, $step);

            return;
        }
        if ($this->input->lidMm > 0 && $this->input->openShare > self::LATTICE_SHARE) {
            $this->filling->throughTheLattice($cells, $stage->air, $C, $above, $step);
        }
        $this->crustOfPie->boil($cells, $C, $step);
        $this->filling->boil($cells, $C, $step);
        $this->filling->feedSkin($cells, $step);
        $wets = $this->filling->wets($cells, $this->filling->release($cells, $step));
        $this->crustOfPie->dryUnderside($cells, $C, $stage->air, $this->input->gapMetresPerSecond(), $step);
        $this->crustOfPie->diffuse($cells, $step);
        $this->crustOfPie->takeUp($cells, $C, $wets, $this->barrierShare, $step);
    }

    /**
     * Heat along z and r in turn, the other one first each time, then what dried off above.
     *
     * @param  array{float, float, float}  $around  °C below, beside and inside
     */
    private function sweep(HeatFactors $factors, Outline $outline, FaceLoad $load, Cells $cells, array $around, float $step): void
    {
        $grid = $this->grid;
        [$below, $beside, $inside] = $around;
        $before = [];
        foreach ($outline->top as $i => $row) {
            $before[] = $cells->T[$row * $grid->columns + $i];
        }
        $T = $cells->T;
        $cells->T = [];
        if (! $this->zFirst) {
            $T = $factors->alongR($T, $grid, $outline, $beside, $inside);
            $cells->heatJoules += $factors->wattsAlongR($T, $grid, $beside) * $step;
        }
        $T = $factors->alongZ($T, $grid, $outline, $load, $below);
        $cells->heatJoules += $factors->wattsAlongZ($T, $grid, $outline, $load, $below) * $step;
        if ($this->zFirst) {
            $T = $factors->alongR($T, $grid, $outline, $beside, $inside);
            $cells->heatJoules += $factors->wattsAlongR($T, $grid, $beside) * $step;
        }
        $this->zFirst = ! $this->zFirst;
        $cells->T = $T;
        $this->face->dry($cells, $outline, $before, $load, $step);
    }
}

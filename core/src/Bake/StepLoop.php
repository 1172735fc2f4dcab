<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/** The time loop: one step after another of all that goes on in a pie or its shell. */
final class StepLoop
{
    /** A stage begins with smaller steps (numerics). */
    private const FIRST_SECONDS = 120.0;

    /** Properties are taken anew so often, s; more often at the beginning of a stage (numerics). */
    private const REFRESH = 120.0;

    private const FIRST_REFRESH = 20.0;

    /** A lid more open than this lets heat in and vapour out through its gaps (definition). */
    private const LATTICE_SHARE = 0.1;

    private readonly Heat $heat;

    private readonly Boiling $boiling;

    private readonly Melting $melting;

    private bool $isFrozen;

    private readonly TopFace $face;

    private readonly Weighting $weighting;

    private readonly FillingWater $filling;

    private readonly Browning $browning;

    private readonly Outline $outlineOfPie;

    private readonly Outline $outlineOfShell;

    private readonly CrustWater $crustOfPie;

    private readonly CrustWater $crustOfShell;

    private readonly LidSteam $lidSteam;

    private readonly float $barrierShare;

    private readonly ?PieceCentre $piece;

    private int $steps = 0;

    private bool $zFirst = true;

    public function __construct(private readonly Grid $grid, CellMaterials $materials, private readonly BakeInput $input, BakeDeviation $deviation, private readonly Resolution $resolution)
    {
        $paths = CrustPaths::of($grid, false);
        $this->heat = new Heat($grid, $materials, $input->heatFromBelowFactor() * $deviation->fromBelowFactor);
        $this->boiling = new Boiling($grid, $materials);
        $this->melting = new Melting($grid, $materials);
        $this->piece = $input->rawPiece === null ? null : new PieceCentre($input->rawPiece);
        $this->isFrozen = $input->isFrozen();
        $this->face = new TopFace($grid, $materials);
        $this->weighting = new Weighting($grid);
        $this->filling = new FillingWater($grid, $paths, $materials, $input);
        $this->browning = new Browning($grid, $materials, $input, $deviation->brownFactor);
        $this->outlineOfPie = Outline::ofPie($grid);
        $this->outlineOfShell = Outline::ofShell($grid);
        $this->crustOfPie = new CrustWater($grid, $paths, $materials, $input->boilsOutBelowShare());
        $this->lidSteam = new LidSteam($grid, $paths, $materials);
        $this->crustOfShell = new CrustWater($grid, CrustPaths::of($grid, true), $materials, $input->boilsOutBelowShare());
        $this->barrierShare = $input->barrierShare() * $deviation->uptakeFactor;
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
        $conducts = null;
        $seconds = $refreshAt = 0.0;
        $until = $stage->minutes * 60;
        while ($seconds < $until - 1e-6) {
            $step = $this->step($stage, $seconds, $until);
            if ($conducts === null || $seconds >= $refreshAt) {
                $conducts = $this->heat->conductances($cells, $stage->air, $outline, $stage->insideWatts);
                $refreshAt = $seconds + ($seconds < self::FIRST_SECONDS ? self::FIRST_REFRESH : self::REFRESH);
            }
            // a step that is reckoned from its end wants the oven of its end
            $dip = $stage->air->dip($seconds + $step);
            $above = $stage->air->aboveCelsius - $dip;
            $this->moveWater($stage, $conducts->joules, $cells, $above, $step);
            $this->heatUp($stage, $outline, $conducts, $cells, $dip, $step);
            $this->evaporate($stage, $conducts->joules, $cells, $step);
            [$cold, $where] = Doneness::cook($cells, $this->grid, $this->input->setsAtCelsius, $stage->isShell ? null : $this->piece, $step);
            if (! $stage->isResting) {
                $this->browning->brown($cells, $outline, $conducts->k, $above, $step);
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
        $conducts = $this->heat->conductances($cells, $air, $this->outlineOfPie, 0.0);
        while ($goesOn()) {
            $load = $this->face->load($cells, $air, $this->outlineOfPie, $conducts->k, $air->aboveCelsius, $step);
            $this->sweep($conducts, [], $this->outlineOfPie, $load, $cells, [$air->belowCelsius, $air->belowCelsius, 0.0], $step);
            $this->steps++;
            $note();
        }
    }

    private function step(OvenStage $stage, float $seconds, float $until): float
    {
        return min($until - $seconds, match (true) {
            $stage->isResting => $this->resolution->restStepSeconds,
            $seconds < self::FIRST_SECONDS => $this->resolution->firstStepSeconds,
            $stage->isInThought => $this->resolution->furtherStepSeconds,
            default => $this->resolution->stepSeconds,
        });
    }

    private function heatUp(OvenStage $stage, Outline $outline, Conductances $conducts, Cells $cells, float $dip, float $step): void
    {
        $above = $stage->air->aboveCelsius - $dip;
        $below = $stage->air->belowCelsius;
        $load = $this->face->load($cells, $stage->air, $outline, $conducts->k, $above, $step);
        if ($stage->isWeighted) {
            $load = $this->weighting->on($load, $cells, $outline, $above, $step);
        }
        $inside = $stage->isWeighted ? $cells->weightsCelsius : ($stage->isShell ? $above : 0.0);
        $times = $stage->isResting ? [] : $this->boiling->times($cells, $conducts->joules);
        if ($this->isFrozen && ! $stage->isShell) {
            $frozen = $this->melting->times($cells, $conducts->joules);
            $this->isFrozen = $frozen !== [];
            $times += $frozen;
        }
        $isOnSteel = $stage->air->contact > 0;
        if ($isOnSteel && is_nan($cells->steelCelsius)) {
            $cells->steelCelsius = $below;
        }
        $this->sweep($conducts, $times, $outline, $load, $cells, [$isOnSteel ? $cells->steelCelsius : $below - $dip, ($above + $below - $dip) / 2, $inside], $step);
        if ($isOnSteel) {
            $cells->steelCelsius = HotSteel::after($cells->steelCelsius, $below, $this->wattsFromSteel($conducts, $cells), $step);
        }
    }

    /** W to each m2 of the floor. */
    private function wattsFromSteel(Conductances $conducts, Cells $cells): float
    {
        $watts = $area = 0.0;
        foreach ($conducts->below as $i => $through) {
            $watts += $through * ($cells->steelCelsius - $cells->T[$i]);
            $area += $this->grid->area[$i];
        }

        return $watts / $area;
    }

    /**
     * What moves comes first: how dry a cell is that dries or boils after it follows from how hot it is, and not from what reached it last.
     *
     * @param  array<int, float>  $C  heat capacity of each cell, J/K
     */
    private function moveWater(OvenStage $stage, array $C, Cells $cells, float $above, float $step): void
    {
        if ($stage->isShell) {
            $this->crustOfShell->diffuse($cells, $step);

            return;
        }
        if ($this->input->lidMm > 0 && $this->input->openShare > self::LATTICE_SHARE) {
            $this->filling->throughTheLattice($cells, $stage->air, $C, $above, $step);
        }
        $this->filling->feedSkin($cells, $step);
        $wets = $this->filling->wets($cells, $this->filling->release($cells, $step));
        $this->crustOfPie->diffuse($cells, $step);
        $this->crustOfPie->takeUp($cells, $C, $wets, $this->barrierShare, $step);
        $this->lidSteam->exchange($cells, $C, $step);
    }

    /**
     * What goes off as vapour once the step has made it hot: the underside dries, then whatever is past its boiling point boils.
     *
     * @param  array<int, float>  $C  heat capacity of each cell, J/K
     */
    private function evaporate(OvenStage $stage, array $C, Cells $cells, float $step): void
    {
        if ($stage->isShell) {
            $this->crustOfShell->boil($cells, $C);

            return;
        }
        $this->crustOfPie->dryUnderside($cells, $C, $stage->air, $this->input->gapMetresPerSecond(), $step);
        $this->crustOfPie->boil($cells, $C);
        $this->filling->boil($cells, $C);
    }

    /**
     * Heat along z and r in turn, the other one first each time, then what dried off above. A cell that turns out to cool does not
     * boil, and is swept again as one that does not.
     *
     * @param  array<int, float>  $times  how many times its capacity a boiling or frozen cell counts with
     * @param  array{float, float, float}  $around  °C below, beside and inside
     */
    private function sweep(Conductances $conducts, array $times, Outline $outline, FaceLoad $load, Cells $cells, array $around, float $step): void
    {
        do {
            $joules = $conducts->joules;
            foreach ($times as $c => $factor) {
                $joules[$c] *= $factor;
            }
            [$T, $tops, $watts] = $this->swept($cells->T, $joules, $conducts, $outline, $load, $around, $step);
            $cooled = false;
            foreach ($times as $c => $factor) {
                $warmer = $factor * ($T[$c] - $cells->T[$c]);
                if ($cells->T[$c] < Boiling::FROM_CELSIUS) {
                    $T[$c] = $this->melting->warmed($cells, $c, $conducts->joules[$c], $warmer * $conducts->joules[$c]);

                    continue;
                }
                if ($warmer < -Boiling::NEAR_KELVINS) {
                    unset($times[$c]);
                    $cooled = true;
                }
                $T[$c] = $cells->T[$c] + $warmer;
            }
        } while ($cooled);
        $this->face->dry($cells, $tops, $outline, $load, $step);
        $cells->T = $T;
        $cells->heatJoules += $watts * $step;
        $this->zFirst = ! $this->zFirst;
    }

    /**
     * @param  array<int, float>  $T
     * @param  array<int, float>  $joules  what each cell takes to get a K warmer
     * @param  array{float, float, float}  $around
     * @return array{array<int, float>, list<float>, float} °C of all cells, °C of the topmost ones once the face above is reckoned, W that came in
     */
    private function swept(array $T, array $joules, Conductances $conducts, Outline $outline, FaceLoad $load, array $around, float $step): array
    {
        $grid = $this->grid;
        [$below, $beside, $inside] = $around;
        $watts = 0.0;
        if (! $this->zFirst) {
            $T = $conducts->alongR($T, $joules, $grid, $outline, $beside, $inside, $step);
            $watts = $conducts->wattsAlongR($T, $grid, $beside);
        }
        $T = $conducts->alongZ($T, $joules, $grid, $outline, $load, $below, $step);
        $watts += $conducts->wattsAlongZ($T, $grid, $outline, $load, $below);
        $tops = [];
        foreach ($outline->top as $i => $row) {
            $tops[] = $T[$row * $grid->columns + $i];
        }
        if ($this->zFirst) {
            $T = $conducts->alongR($T, $joules, $grid, $outline, $beside, $inside, $step);
            $watts += $conducts->wattsAlongR($T, $grid, $beside);
        }

        return [$T, $tops, $watts];
    }
}

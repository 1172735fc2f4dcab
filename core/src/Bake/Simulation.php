<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

use Hojaldre\Core\Food\Thermal;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Pastry\ShellStage;

/** Bakes one pie: the empty shell, the filled pie, the rest on the rack. */
final class Simulation
{
    private const STEP_SECONDS = 20.0;

    /** A stage begins with smaller steps, because much changes at once. */
    private const FIRST_STEP_SECONDS = 10.0;

    private const FIRST_SECONDS = 120.0;

    private const COARSE_STEP_SECONDS = 30.0;

    private const REST_STEP_SECONDS = 40.0;

    /** Properties are taken anew so often; more often at the beginning of a stage. */
    private const REFRESH_SECONDS = 120.0;

    private const FIRST_REFRESH_SECONDS = 20.0;

    public const REST_MINUTES = 20.0;

    /** Past its minutes it is baked on in thought, to say when it would have been safe or set. */
    private const ON_IN_THOUGHT_MINUTES = 75.0;

    private const LOOK_FURTHER_MINUTES = 15.0;

    /** W/m2 K from weights to crust (fitted), J/m2 K that they hold, share of drying under them (judgement) */
    private const WEIGHTS_WATTS = 15.0;

    private const WEIGHTS_HOLD = 9000.0;

    private const UNDER_WEIGHTS_DRIES = 0.15;

    private const SHELL_COLD = 5.0;

    private const SHELL_COOLED = 20.0;

    private Cells $cells;

    private readonly Grid $grid;

    private readonly CellMaterials $materials;

    private readonly float $volume;

    /** @var array<int, float> */
    private readonly array $densities;

    /** @var array<int, float> */
    private readonly array $boils;

    private float $minutes = 0.0;

    private int $steps = 0;

    private bool $zFirst = true;

    private float $lastStep = 0.0;

    private function __construct(private readonly BakeInput $input, private readonly BakeDeviation $deviation, private readonly bool $coarse)
    {
        $filling = Material::of($input->parts, self::density($input->parts));
        $pastry = $input->pastry->toArray();
        unset($pastry['salt']);
        $this->materials = new CellMaterials($filling, Material::of($pastry, $input->pastryKgPerM3), $input->topping === null ? $filling : Material::of($input->topping, self::density($input->topping)), $input->tinMaterial, $input->isPuff);
        $area = $input->lengthMm === null ? M_PI * ($input->radiusMm / 1000) ** 2 : 2 * $input->radiusMm * $input->lengthMm * 1e-6;
        $this->volume = $input->fillingKg() / ($filling->dry + $filling->water);
        $this->grid = Grid::of($input, $this->volume / $area, $coarse);
        $this->cells = new Cells($this->grid->rows * $this->grid->columns, $this->grid->columns);
        $this->densities = SteamTables::densities();
        $this->boils = SteamTables::boilingPoints();
    }

    public static function run(BakeInput $input, ?BakeDeviation $deviation = null, bool $coarse = false, bool $film = false): BakeResult
    {
        $deviation ??= new BakeDeviation;

        return (new self($input->under($deviation), $deviation, $coarse))->bake($film);
    }

    private function bake(bool $film): BakeResult
    {
        $result = new BakeResult($this->grid, $this->materials, $this->input, $film);
        $this->fillPastry();
        foreach ($this->input->isLined && $this->input->hasWall ? $this->input->shell : [] as $stage) {
            $this->shellStage($stage, $result);
        }
        $result->shellDone($this->cells);
        $this->pourIn();
        $result->filled($this->cells);
        $this->minutes = 0.0;
        foreach ($this->input->stages as $stage) {
            $this->stage($this->oven($stage), $stage->minutes, $result);
        }
        $result->takenOut($this->minutes, clone $this->cells);
        $this->inThought($result);
        $this->cells = $result->asTakenOut();
        $this->minutes = $result->outMinutes;
        $this->stage(Surroundings::room(), self::REST_MINUTES, $result, resting: true);
        $result->rested($this->cells);
        if (! $this->coarse) {
            $this->cool($result);
        }
        $result->finished($this->steps);

        return $result;
    }

    private function oven(Stage $stage): Surroundings
    {
        return Surroundings::oven($stage->ovenCelsius + $this->deviation->ovenKelvins, $stage->mode, $stage->rack, $stage->tent, $stage->shield, $this->input->onSteel, $this->deviation->heatTransfer, 2 * $this->input->radiusMm);
    }

    private function fillPastry(): void
    {
        foreach ($this->grid->kind as $cell => $kind) {
            $this->cells->W[$cell] = $kind === Grid::FILLING || $kind === Grid::TOPPING ? 0.0 : $this->materials->waterOf($kind);
            $this->cells->T[$cell] = self::SHELL_COLD;
        }
    }

    /** The shell has cooled, the filling goes in with the heat it has. */
    private function pourIn(): void
    {
        $cooled = $this->input->shell === [] || ! $this->input->isLined ? self::SHELL_COLD : self::SHELL_COOLED;
        foreach ($this->grid->kind as $cell => $kind) {
            $this->cells->T[$cell] = $kind === Grid::FILLING || $kind === Grid::TOPPING ? $this->input->startCelsius : ($kind === Grid::LID ? self::SHELL_COLD : $cooled);
            if ($kind !== Grid::CRUST) {
                $this->cells->W[$cell] = $this->materials->waterOf($kind);
            }
        }
        // the cooling of the shell is not followed: the books begin again
        $this->cells->evaporatedKg = $this->cells->heatJoules = $this->cells->vapourJoules = 0.0;
    }

    private function shellStage(ShellStage $stage, BakeResult $result): void
    {
        $air = Surroundings::oven($stage->ovenCelsius + $this->deviation->ovenKelvins, $stage->mode, $stage->rack, false, false, $this->input->onSteel, $this->deviation->heatTransfer, 2 * $this->input->radiusMm);
        $weighted = $stage->how === 'weighted';
        $inside = $weighted ? self::WEIGHTS_WATTS : ($stage->how === 'propped' ? 6.0 : 0.75 * ($air->convectionAbove + 8.0));
        $grid = $this->grid;
        $result->beginShellStage($stage);
        $top = array_fill(0, $grid->columns, $grid->fillTo);
        for ($i = 0; $i < $grid->fillColumns; $i++) {
            $top[$i] = $grid->baseRows;
        }
        $first = array_fill(0, $grid->rows, $grid->fillColumns);
        for ($j = 0; $j <= $grid->baseRows; $j++) {
            $first[$j] = 0;
        }
        $paths = CrustPaths::of($grid, true);
        $area = $grid->fillArea();
        $this->cells->weightsCelsius = 20.0;
        $heat = null;
        $seconds = 0.0;
        $until = $stage->minutes * 60;
        $refreshAt = 0.0;
        while ($seconds < $until - 1e-6) {
            $step = $this->step($seconds, $until);
            if ($heat === null || $seconds >= $refreshAt || $step !== $this->lastStep) {
                $heat = Heat::at($this->cells, $grid, $this->materials, $air, $top, $first, $step, $inside);
                $refreshAt = $seconds + ($seconds < self::FIRST_SECONDS ? self::FIRST_REFRESH_SECONDS : self::REFRESH_SECONDS);
                $this->lastStep = $step;
            }
            $dip = $air->dip($seconds);
            $above = $air->aboveCelsius - $dip;
            $load = Faces::load($this->cells, $grid, $air, $top, $heat->k, $this->materials->solids, $this->densities, $above, $step, true);
            [$addD, $addR, $m, $slope] = $load;
            $watts = 0.0;
            if ($weighted) {
                for ($i = 0; $i < $grid->fillColumns; $i++) {
                    $cell = $top[$i] * $grid->columns + $i;
                    $addD[$i] = $grid->area[$i] * self::WEIGHTS_WATTS;
                    $addR[$i] = $addD[$i] * $this->cells->weightsCelsius;
                    $m[$i] *= self::UNDER_WEIGHTS_DRIES;
                    $slope[$i] = 0.0;
                    $watts += $addD[$i] * ($this->cells->T[$cell] - $this->cells->weightsCelsius);
                    $addR[$i] -= $grid->area[$i] * Vapour::LATENT * $m[$i];
                }
                $this->cells->weightsCelsius += $step * ($watts + 0.6 * 22 * $area * ($above - $this->cells->weightsCelsius)) / (self::WEIGHTS_HOLD * $area);
            }
            $this->sweep($heat, $top, $first, $addD, $addR, $air->belowCelsius - $dip, ($above + $air->belowCelsius - $dip) / 2, $weighted ? $this->cells->weightsCelsius : $above, $m, $slope, $step);
            CrustWater::boil($this->cells, $grid, $paths, $this->materials, $heat->C, $this->boils, $step, $this->input->boilsOutBelow());
            CrustWater::move($this->cells, $grid, $paths, $this->materials, $heat->C, [], $this->densities, $air, $step, 1.0, 0.0);
            Doneness::cook($this->cells, $grid, $this->input, $step);
            Doneness::brown($this->cells, $grid, $this->materials, $this->input, $top, $heat->k, $above, $step * $this->deviation->browning, true);
            $seconds += $step;
            $this->steps++;
            $result->shellAt($seconds / 60, $this->cells);
        }
        $result->shellStage($stage, $this->cells);
    }

    private function step(float $seconds, float $until): float
    {
        $step = match (true) {
            $this->coarse => self::COARSE_STEP_SECONDS,
            $seconds < self::FIRST_SECONDS => self::FIRST_STEP_SECONDS,
            default => self::STEP_SECONDS,
        };

        return min($step, $until - $seconds);
    }

    /**
     * One stage of the filled pie.
     *
     * @param  bool  $resting  out of the oven: it goes by longer steps and no event is looked for but the heat that carries over
     * @param  (callable(BakeResult): bool)|null  $enough  asked after each step whether the rest can be spared
     */
    private function stage(Surroundings $air, float $minutes, BakeResult $result, bool $resting = false, ?callable $enough = null): void
    {
        $grid = $this->grid;
        $input = $this->input;
        $top = array_fill(0, $grid->columns, $grid->rows - 1);
        $first = array_fill(0, $grid->rows, 0);
        $paths = CrustPaths::of($grid, false);
        $barrier = $input->underlay->barrier($input->seal) * $this->deviation->uptake;
        $heat = null;
        $seconds = $refreshAt = 0.0;
        $until = $minutes * 60;
        $gap = $input->gapMetresPerSecond();
        while ($seconds < $until - 1e-6) {
            $step = $resting ? min(self::REST_STEP_SECONDS, $until - $seconds) : $this->step($seconds, $until);
            if ($heat === null || $seconds >= $refreshAt || $step !== $this->lastStep) {
                $heat = Heat::at($this->cells, $grid, $this->materials, $air, $top, $first, $step, 0.0, $this->input->heatFromBelow());
                $refreshAt = $seconds + ($seconds < self::FIRST_SECONDS ? self::FIRST_REFRESH_SECONDS : self::REFRESH_SECONDS);
                $this->lastStep = $step;
            }
            $dip = $air->dip($seconds);
            $above = $air->aboveCelsius - $dip;
            [$addD, $addR, $m, $slope] = Faces::load($this->cells, $grid, $air, $top, $heat->k, $this->materials->solids, $this->densities, $above, $step, false);
            $this->sweep($heat, $top, $first, $addD, $addR, $air->belowCelsius - $dip, ($above + $air->belowCelsius - $dip) / 2, 0.0, $m, $slope, $step);
            if ($input->lidMm > 0 && $input->openShare > 0.1) {
                $this->throughTheLattice($air, $heat->C, $above, $step);
            }
            CrustWater::boil($this->cells, $grid, $paths, $this->materials, $heat->C, $this->boils, $step, $input->boilsOutBelow());
            FillingWater::boil($this->cells, $grid, $this->materials, $heat->C, $step);
            $loose = FillingWater::release($this->cells, $grid, $input, $this->volume, $step);
            CrustWater::move($this->cells, $grid, $paths, $this->materials, $heat->C, FillingWater::wets($this->cells, $paths, $input, $loose), $this->densities, $air, $step, $barrier, $gap);
            [$cold, $hot, $where] = Doneness::cook($this->cells, $grid, $input, $step);
            if (! $resting) {
                Doneness::brown($this->cells, $grid, $this->materials, $input, $top, $heat->k, $above, $step * $this->deviation->browning, false);
            }
            $seconds += $step;
            $this->steps++;
            $result->at($this->minutes + $seconds / 60, $this->cells, $cold, $hot, $where, $resting);
            if ($enough !== null && $enough($result)) {
                break;
            }
        }
        $this->minutes += $seconds / 60;
    }

    /**
     * Heat along z and r in turn, the other one first each time, then what dried off above.
     *
     * @param  array<int, int>  $top
     * @param  array<int, int>  $first
     * @param  array<int, float>  $addD
     * @param  array<int, float>  $addR
     * @param  array<int, float>  $m
     * @param  array<int, float>  $slope
     */
    private function sweep(Heat $heat, array $top, array $first, array $addD, array $addR, float $below, float $beside, float $inside, array $m, array $slope, float $step): void
    {
        $grid = $this->grid;
        $before = [];
        foreach ($top as $i => $row) {
            $before[] = $this->cells->T[$row * $grid->columns + $i];
        }
        $T = $this->cells->T;
        $this->cells->T = [];
        if ($this->zFirst) {
            $T = $heat->alongZ($T, $grid, $top, $addD, $addR, $below);
            $this->countZ($T, $heat, $top, $addD, $addR, $below, $step);
            $T = $heat->alongR($T, $grid, $first, $beside, $inside);
            $this->countR($T, $heat, $beside, $step);
        } else {
            $T = $heat->alongR($T, $grid, $first, $beside, $inside);
            $this->countR($T, $heat, $beside, $step);
            $T = $heat->alongZ($T, $grid, $top, $addD, $addR, $below);
            $this->countZ($T, $heat, $top, $addD, $addR, $below, $step);
        }
        $this->zFirst = ! $this->zFirst;
        $this->cells->T = $T;
        Faces::dry($this->cells, $grid, $top, $before, $m, $slope, $step);
    }

    /**
     * @param  array<int, float>  $T
     * @param  array<int, int>  $top
     * @param  array<int, float>  $addD
     * @param  array<int, float>  $addR
     */
    private function countZ(array $T, Heat $heat, array $top, array $addD, array $addR, float $below, float $step): void
    {
        $watts = 0.0;
        $columns = $this->grid->columns;
        for ($i = 0; $i < $columns; $i++) {
            $watts += $heat->below[$i] * ($below - $T[$i]) + $addR[$i] - $addD[$i] * $T[$top[$i] * $columns + $i];
        }
        $this->cells->heatJoules += $watts * $step;
    }

    /** @param  array<int, float>  $T */
    private function countR(array $T, Heat $heat, float $beside, float $step): void
    {
        $watts = 0.0;
        $columns = $this->grid->columns;
        $last = $columns - 1;
        foreach ($heat->beyond as $j => $conducts) {
            $watts += $conducts * ($beside - $T[$j * $columns + $last]);
        }
        $this->cells->heatJoules += $watts * $step;
    }

    /**
     * The open share of a lattice lets heat onto the filling and its vapour out.
     *
     * @param  array<int, float>  $C  heat capacity over the step, W/K
     */
    private function throughTheLattice(Surroundings $air, array $C, float $above, float $step): void
    {
        $grid = $this->grid;
        for ($i = 0; $i < $grid->fillColumns; $i++) {
            $c = $grid->fillTo * $grid->columns + $i;
            $t = $this->cells->T[$c];
            $n = max(0, min(318, (int) $t));
            $m3 = $grid->area[$i] * $grid->dz[$grid->fillTo];
            $holds = $C[$c] * $step;
            $kg = min(0.1 * $this->cells->W[$c] * $m3, max(0.0, $this->input->openShare * $air->convectionAbove / $air->lewis * 0.8 * ($this->densities[$n] - $air->vapour) * $step * $grid->area[$i]));
            // what dries off takes no more heat than comes in and the cell can spare
            $conducts = $this->input->openShare * 22 * $grid->area[$i] * $step;
            $kg = min($kg, ($conducts * max(0.0, $above - $t) + 0.02 * $holds * max(0.0, $t - 20)) / Vapour::LATENT);
            $warmed = ($holds * $t + $conducts * $above - $kg * Vapour::LATENT) / ($holds + $conducts);
            $this->cells->T[$c] = $warmed;
            $this->cells->W[$c] -= $kg / $m3;
            $this->cells->heatJoules += ($warmed - $t) * $holds;
            $this->cells->evaporatedKg += $kg;
            $this->cells->vapourJoules += $kg * Vapour::WATER_HEAT * $t;
        }
    }

    /** On in the last stage as if it had not been taken out, until it is safe and set, and a little beyond. */
    private function inThought(BakeResult $result): void
    {
        $stages = $this->input->stages;
        $last = $stages[count($stages) - 1];
        $air = $this->oven($last);
        $result->onInThought();
        $more = self::LOOK_FURTHER_MINUTES;
        // the door stays shut: no dip
        $this->stage($air->shut(), self::ON_IN_THOUGHT_MINUTES, $result, enough: static fn (BakeResult $c): bool => $c->isDone() && $c->minutesInThought() >= $more);
    }

    /** The long way down to 5 °C, heat and drying alone: an hour on the rack, then the fridge, for eight hours in all at most. */
    private function cool(BakeResult $result): void
    {
        $grid = $this->grid;
        $top = array_fill(0, $grid->columns, $grid->rows - 1);
        $first = array_fill(0, $grid->rows, 0);
        $seconds = self::REST_MINUTES * 60;
        $step = 240.0;
        foreach ([[Surroundings::room(), 3600.0], [Surroundings::fridge(), 28800.0]] as [$air, $until]) {
            $heat = Heat::at($this->cells, $grid, $this->materials, $air, $top, $first, $step, 0.0, $this->input->heatFromBelow());
            while ($seconds < $until && ! $result->isCold()) {
                [$addD, $addR, $m, $slope] = Faces::load($this->cells, $grid, $air, $top, $heat->k, $this->materials->solids, $this->densities, $air->aboveCelsius, $step, false);
                $this->sweep($heat, $top, $first, $addD, $addR, $air->belowCelsius, $air->belowCelsius, 0.0, $m, $slope, $step);
                $seconds += $step;
                $this->steps++;
                $hot = -99.0;
                for ($j = $grid->fillFrom; $j <= $grid->fillTo; $j++) {
                    $hot = max($hot, $this->cells->T[$j * $grid->columns]);
                }
                $result->cooled($seconds / 60, $hot);
            }
        }
    }

    /** @param  array<string, float>  $parts */
    private static function density(array $parts): float
    {
        return Thermal::ofParts(array_map(static fn (float $kg): float => max(1e-9, $kg), $parts), 20)->density();
    }
}

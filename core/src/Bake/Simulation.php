<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Pastry\ShellSupport;

/** Bakes one pie: the empty shell, the filled pie, the rest on the rack. */
final class Simulation
{
    /** Out of the oven, on a rack, until it is cut (common practice, no source). */
    public const REST_MINUTES = 20.0;

    /** Past its minutes it is baked on in thought, to say when it would have been safe or set, and a little beyond (numerics). */
    private const ON_IN_THOUGHT_MINUTES = 75.0;

    private const LOOK_FURTHER_MINUTES = 15.0;

    /** Cooling goes by these steps (numerics): an hour on the rack, then the fridge, for eight hours in all at most. */
    private const RACK_STEP_SECONDS = 240.0;

    private const FRIDGE_STEP_SECONDS = 600.0;

    private const ON_THE_RACK_SECONDS = 3600.0;

    private const IN_THE_FRIDGE_SECONDS = 28800.0;

    /** What a raw shell has from the fridge and a baked one when it has cooled, °C (common practice, no source). */
    private const SHELL_COLD = 5.0;

    private const SHELL_COOLED = 20.0;

    /** Inner faces of an empty shell, W/m2 K: behind foil; bare, a share of convection and what radiates (judgement). */
    private const BEHIND_FOIL_WATTS = 6.0;

    private const BARE_SHARE = 0.75;

    private const BARE_RADIATES_WATTS = 8.0;

    private Cells $cells;

    private readonly Grid $grid;

    private readonly CellMaterials $materials;

    private readonly Recorder $recorder;

    private readonly StepLoop $loop;

    private function __construct(private readonly BakeInput $input, private readonly BakeDeviation $deviation, private readonly Resolution $resolution, bool $film)
    {
        $this->materials = new CellMaterials($input);
        $this->grid = Grid::of($input, $this->materials->fillingM3, $resolution);
        $this->cells = new Cells(count($this->grid->kind), $this->grid->columns);
        $this->recorder = new Recorder($this->grid, $this->materials, $input, $film);
        $this->loop = new StepLoop($this->grid, $this->materials, $input, $deviation, $resolution);
    }

    public static function run(BakeInput $input, ?BakeDeviation $deviation = null, ?Resolution $resolution = null, bool $film = false): BakeResult
    {
        $deviation ??= new BakeDeviation;

        return (new self($input->under($deviation), $deviation, $resolution ?? Resolution::fine(), $film))->bake();
    }

    private function bake(): BakeResult
    {
        $this->layPastry();
        foreach ($this->input->isLined && $this->input->hasWall ? $this->input->shell : [] as $stage) {
            $this->bakeShell($stage);
        }
        $this->pourIn();
        $minutes = 0.0;
        foreach ($this->input->stages as $stage) {
            $minutes += $this->loop->run(new OvenStage($this->oven($stage), $stage->minutes), $this->cells, fn (float $at, float $cold, int $where): bool => $this->noteBake($minutes + $at, $cold, $where));
        }
        $this->recorder->takenOut($minutes, $this->cells);
        $this->bakeOnInThought($minutes);
        $this->cells = clone $this->recorder->out();
        $this->loop->run(new OvenStage(Surroundings::room(), self::REST_MINUTES, isResting: true), $this->cells, function (float $at) use ($minutes): bool {
            $this->recorder->rests($minutes + $at, $this->cells);

            return false;
        });
        $this->recorder->rested($minutes + self::REST_MINUTES, $this->cells);
        $rested = clone $this->cells;
        if ($this->resolution->cools) {
            $this->cool();
        }

        return $this->recorder->result($rested, $this->loop->steps());
    }

    private function noteBake(float $minutes, float $cold, int $where): bool
    {
        $this->recorder->bakes($minutes, $this->cells, $cold, $where);

        return false;
    }

    private function oven(Stage $stage): Surroundings
    {
        return Surroundings::oven(
            $stage->ovenCelsius + $this->deviation->ovenKelvins, $stage->mode, $stage->rack, $stage->tent, $stage->shield, $this->input->onSteel,
            $this->deviation->heatTransferFactor, 2 * $this->input->radiusMm,
        );
    }

    private function layPastry(): void
    {
        foreach ($this->grid->kind as $cell => $kind) {
            $this->cells->W[$cell] = $kind === Grid::FILLING || $kind === Grid::TOPPING ? 0.0 : $this->materials->waterOf($kind);
            $this->cells->T[$cell] = self::SHELL_COLD;
        }
    }

    private function bakeShell(ShellStage $stage): void
    {
        $air = $this->oven(new Stage($stage->ovenCelsius, $stage->mode, $stage->minutes, $stage->rack));
        $watts = match ($stage->how) {
            ShellSupport::Weighted => Weighting::WATTS,
            ShellSupport::Propped => self::BEHIND_FOIL_WATTS,
            ShellSupport::Pricked, ShellSupport::Bare => self::BARE_SHARE * ($air->convectionAbove + self::BARE_RADIATES_WATTS),
        };
        $this->recorder->shellBegins($stage);
        $this->cells->weightsCelsius = self::SHELL_COOLED;
        $this->loop->run(new OvenStage($air, $stage->minutes, true, $watts, $stage->how === ShellSupport::Weighted), $this->cells, function (float $at): bool {
            $this->recorder->shellAt($at, $this->cells);

            return false;
        });
        $this->recorder->shellEnds($stage, $this->cells);
    }

    /** The shell has cooled, the filling goes in with the heat it has. */
    private function pourIn(): void
    {
        $cooled = $this->input->isFrozen() ? $this->input->startCelsius : ($this->input->shell === [] || ! $this->input->isLined ? self::SHELL_COLD : self::SHELL_COOLED);
        $starts = $this->grid->fillingStarts($this->input);
        foreach ($this->grid->kind as $cell => $kind) {
            $this->cells->T[$cell] = match ($kind) {
                Grid::FILLING, Grid::TOPPING => $starts[intdiv($cell, $this->grid->columns)],
                Grid::LID => min(self::SHELL_COLD, $cooled),
                default => $cooled,
            };
            if ($kind !== Grid::CRUST) {
                $this->cells->W[$cell] = $this->materials->waterOf($kind);
            }
        }
        $this->cells->steelCelsius = NAN;
        // the cooling of the shell is not followed: the books begin again
        $this->cells->evaporatedKg = $this->cells->heatJoules = $this->cells->vapourJoules = 0.0;
        $this->recorder->filled($this->cells);
    }

    /** On in the last stage as if it had not been taken out and the door had stayed shut. */
    private function bakeOnInThought(float $outMinutes): void
    {
        $last = $this->input->stages[count($this->input->stages) - 1];
        $this->loop->run(
            new OvenStage($this->oven($last)->shutFor(60 * $last->minutes), self::ON_IN_THOUGHT_MINUTES, isInThought: true), $this->cells,
            fn (float $at, float $cold): bool => $this->recorder->wouldBake($outMinutes + $at, $this->cells, $cold) && $outMinutes + $at - $outMinutes >= self::LOOK_FURTHER_MINUTES,
        );
    }

    /** The long way down to 5 °C, heat and drying alone. */
    private function cool(): void
    {
        $seconds = self::REST_MINUTES * 60;
        foreach ([[Surroundings::room(), self::ON_THE_RACK_SECONDS, self::RACK_STEP_SECONDS], [Surroundings::fridge(), self::IN_THE_FRIDGE_SECONDS, self::FRIDGE_STEP_SECONDS]] as [$air, $until, $step]) {
            $this->loop->drift($air, $this->cells, $step, function () use (&$seconds, $until, $step): bool {
                if ($seconds >= $until || $this->recorder->isCold()) {
                    return false;
                }
                $seconds += $step;

                return true;
            }, function () use (&$seconds): void {
                $this->recorder->cools($seconds / 60, $this->hottest());
            });
        }
    }

    /** Of the axis, °C. */
    private function hottest(): float
    {
        $hot = -Doneness::NEVER_CELSIUS;
        for ($j = $this->grid->fillFrom; $j <= $this->grid->fillTo; $j++) {
            $hot = max($hot, $this->cells->T[$j * $this->grid->columns]);
        }

        return $hot;
    }
}

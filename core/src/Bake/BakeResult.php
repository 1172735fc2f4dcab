<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Safety\Lethality;

/** What happened in one simulated bake: curves, events with their times between steps, the state when it came out and when it had rested. */
final class BakeResult
{
    /** How brown "light gold", "golden" and "dark" are; burnt begins at 3. */
    public const LIGHT_GOLD = 0.7;

    public const GOLDEN = 1.0;

    public const DARK = 2.0;

    /** Over-cooking at which a custard is leathery, where 1 is its beginning (judgement). */
    private const LEATHERY = 4.0;

    private const WOBBLE_KELVINS = 3.0;

    /** @var array<int, float> minutes since it went into the oven filled */
    public array $minutes = [];

    /** @var array<int, float> °C */
    public array $centre = [];

    /** @var array<int, float> °C */
    public array $edge = [];

    /** @var array<int, float> °C, the underside of the base */
    public array $base = [];

    /** @var array<int, float> °C */
    public array $rim = [];

    /** @var array<int, float> % wet basis */
    public array $basePercents = [];

    public readonly Film $film;

    /** minutes of all stages of the shell */
    public float $shellMinutes = 0.0;

    /** @var array<string, float> minute of each event that was reached */
    public array $events = [];

    /** @var list<array{how: string, minutes: float, basePercent: float, rim: float, inside: float, under: float}> after each stage of the shell */
    public array $shell = [];

    public float $outMinutes = 0.0;

    public float $basePercent = NAN;

    public float $sidePercent = NAN;

    public float $basePercentOut = NAN;

    /** the least it had between pouring and the end of its rest */
    public float $basePercentDriest = NAN;

    public float $soakMm = 0.0;

    public float $setShareOut = 0.0;

    public float $overShareOut = 0.0;

    /** share of the custard that has gone leathery and weeps */
    public float $leatheryShareOut = 0.0;

    public float $coldestOut = 0.0;

    public float $carriesOverKelvins = 0.0;

    public float $topBrownOut = 0.0;

    public float $rimBrownOut = 0.0;

    public float $baseBrownOut = 0.0;

    public float $insideBrownOut = 0.0;

    public float $lostKg = 0.0;

    public float $lethalMinutesOut = 0.0;

    public float $massErrorShare = 0.0;

    public float $energyErrorShare = 0.0;

    public int $steps = 0;

    public int $cells;

    private ?Cells $out = null;

    private bool $inThought = false;

    private float $thoughtMinutes = 0.0;

    private float $lastAt = 0.0;

    private int $coldestCell = 0;

    /** @var array<string, float> */
    private array $last = [];

    private float $waterAtFirst = 0.0;

    private float $heatAtFirst = 0.0;

    private readonly int $centreCell;

    private readonly int $edgeCell;

    public function __construct(private readonly Grid $grid, private readonly CellMaterials $materials, private readonly BakeInput $input, bool $films)
    {
        $this->film = new Film($films);
        $middle = intdiv($grid->fillFrom + $grid->fillTo, 2);
        $this->centreCell = $middle * $grid->columns;
        $this->edgeCell = $middle * $grid->columns + $grid->fillColumns - 1;
        $this->cells = $grid->rows * $grid->columns;
    }

    public function grid(): Grid
    {
        return $this->grid;
    }

    public function materials(): CellMaterials
    {
        return $this->materials;
    }

    public function beginShellStage(ShellStage $stage): void
    {
        $this->film->stage = $stage->how;
    }

    /** @param  float  $minute of this stage */
    public function shellAt(float $minute, Cells $cells): void
    {
        $this->film->take($this->shellMinutes + $minute, $cells);
    }

    public function shellStage(ShellStage $stage, Cells $cells): void
    {
        $this->film->take($this->shellMinutes + $stage->minutes, $cells, always: true);
        $this->shellMinutes += $stage->minutes;
        $this->shell[] = ['how' => $stage->how, 'minutes' => $stage->minutes, 'basePercent' => $this->percentOfBase($cells), 'rim' => $cells->rimBrown, 'inside' => $cells->insideBrown, 'under' => $cells->baseBrown];
    }

    public function shellDone(Cells $cells): void
    {
        $this->basePercentOut = $this->percentOfBase($cells);
    }

    public function filled(Cells $cells): void
    {
        $this->waterAtFirst = $this->water($cells);
        $this->heatAtFirst = $this->heat($cells);
        $this->film->stage = 'filled';
        $this->film->take($this->shellMinutes, $cells, always: true);
        $this->film->stage = 'bake';
    }

    public function at(float $minute, Cells $cells, float $cold, float $hot, int $where, bool $resting): void
    {
        if ($resting) {
            $this->carriesOverKelvins = max($this->carriesOverKelvins, $cells->T[$this->coldestCell] - $this->coldestOut);
            $this->film->take($this->shellMinutes + $minute, $cells);

            return;
        }
        $this->coldestCell = $this->inThought ? $this->coldestCell : $where;
        $columns = $this->grid->columns;
        $sets = $this->input->setsAtCelsius;
        $over = $sets === null ? 0.0 : $this->overShare($cells);
        $now = [
            'edge-set' => $sets === null ? -999.0 : $cells->T[$this->edgeCell] - $sets,
            'time-to-look' => $sets === null ? -999.0 : $cold - ($sets - self::WOBBLE_KELVINS),
            'set' => $sets === null ? -999.0 : $cold - $sets,
            'safe' => max($cold - $this->input->wantedCelsius, ($cells->lethalMinutes - Lethality::REFERENCE_MINUTES) * 5),
            'over' => $sets === null ? -999.0 : $over - 0.5,
            'light-gold' => $this->topBrown($cells) - self::LIGHT_GOLD,
            'golden' => $this->topBrown($cells) - self::GOLDEN,
            'dark' => $this->topBrown($cells) - self::DARK,
        ];
        foreach ($now as $event => $value) {
            if ($value >= 0 && ! isset($this->events[$event])) {
                $before = $this->last[$event] ?? $value;
                $share = $value > $before ? $value / ($value - $before) : 0.0;
                $this->events[$event] = $minute - min(1.0, max(0.0, $share)) * ($minute - $this->lastAt);
            }
        }
        $this->last = $now;
        $this->lastAt = $minute;
        if ($this->inThought) {
            $this->thoughtMinutes = $minute - $this->outMinutes;

            return;
        }
        $this->minutes[] = $minute;
        $this->centre[] = $cells->T[$this->centreCell];
        $this->edge[] = $cells->T[$this->edgeCell];
        $this->base[] = ($cells->T[0] + $cells->T[$columns]) / 2;
        $this->rim[] = $cells->T[($this->grid->rows - 1) * $columns + min($this->grid->columns - 1, $this->grid->fillColumns)];
        $this->basePercents[] = $base = $this->percentOfBase($cells);
        $this->basePercentDriest = is_nan($this->basePercentDriest) ? $base : min($this->basePercentDriest, $base);
        $this->film->take($this->shellMinutes + $minute, $cells);
    }

    public function takenOut(float $minutes, Cells $cells): void
    {
        $this->outMinutes = $minutes;
        $this->film->take($this->shellMinutes + $minutes, $cells, always: true);
        $this->film->stage = 'rest';
        $this->out = $cells;
        $this->basePercentOut = $this->percentOfBase($cells);
        $this->topBrownOut = $this->topBrown($cells);
        $this->rimBrownOut = $cells->rimBrown;
        $this->baseBrownOut = $cells->baseBrown;
        $this->insideBrownOut = $cells->insideBrown;
        $this->lethalMinutesOut = $cells->lethalMinutes;
        $this->lostKg = $cells->evaporatedKg;
        $this->coldestOut = $cells->T[$this->coldestCell];
        $this->overShareOut = $this->overShare($cells);
        $this->leatheryShareOut = $this->input->setsAtCelsius === null ? 0.0 : $this->share($cells->dose, self::LEATHERY);
        $this->setShareOut = $this->share($cells->peak, $this->input->setsAtCelsius ?? 999.0);
        $this->massErrorShare = abs($this->water($cells) + $cells->evaporatedKg - $this->waterAtFirst) / max(1e-9, $this->waterAtFirst);
        $gain = $this->heat($cells) - $this->heatAtFirst;
        $this->energyErrorShare = abs($gain - ($cells->heatJoules - $cells->vapourJoules)) / max(1.0, abs($cells->heatJoules));
    }

    public function asTakenOut(): Cells
    {
        $this->inThought = false;

        return $this->out ?? throw new \LogicException('It was never taken out.');
    }

    public function onInThought(): void
    {
        $this->inThought = true;
    }

    public function minutesInThought(): float
    {
        return $this->thoughtMinutes;
    }

    public function isDone(): bool
    {
        return isset($this->events['safe']) && ($this->input->setsAtCelsius === null || isset($this->events['set']));
    }

    public function rested(Cells $cells): void
    {
        $this->basePercent = $this->percentOfBase($cells);
        $this->sidePercent = $this->percentOfSide($cells);
        $this->soakMm = $this->soaked($cells);
        $this->film->take($this->shellMinutes + $this->outMinutes + Simulation::REST_MINUTES, $cells, always: true);
    }

    /** @param  float  $minutes since it came out */
    public function cooled(float $minutes, float $hottest): void
    {
        foreach (['below-57' => 57.0, 'below-21' => 21.0, 'below-5' => 5.0] as $event => $limit) {
            if ($hottest < $limit) {
                $this->events[$event] ??= $minutes;
            }
        }
    }

    public function isCold(): bool
    {
        return isset($this->events['below-5']);
    }

    public function finished(int $steps): void
    {
        $this->steps = $steps;
        $this->out = null;
    }

    /** Brownness of the top, the mean by area. */
    private function topBrown(Cells $cells): float
    {
        $sum = $area = 0.0;
        for ($i = 0; $i < $this->grid->fillColumns; $i++) {
            $sum += $cells->topBrown[$i] * $this->grid->area[$i];
            $area += $this->grid->area[$i];
        }

        return $sum / $area;
    }

    private function overShare(Cells $cells): float
    {
        return $this->share($cells->dose, 1.0);
    }

    /** @param  array<int, float>  $values of cells; the share of the filling where they reach a limit, 0 to 1 */
    private function share(array $values, float $limit): float
    {
        $reached = $all = 0.0;
        $grid = $this->grid;
        for ($j = $grid->fillFrom; $j <= $grid->fillTo; $j++) {
            for ($i = 0; $i < $grid->fillColumns; $i++) {
                $m3 = $grid->area[$i] * $grid->dz[$j];
                $all += $m3;
                if ($values[$j * $grid->columns + $i] >= $limit) {
                    $reached += $m3;
                }
            }
        }

        return $reached / $all;
    }

    private function percentOfBase(Cells $cells): float
    {
        $grid = $this->grid;
        if ($grid->baseRows === 0) {
            return NAN;
        }
        $water = $dry = 0.0;
        for ($j = 1; $j <= $grid->baseRows; $j++) {
            for ($i = 0; $i < $grid->fillColumns; $i++) {
                $water += $cells->W[$j * $grid->columns + $i] * $grid->area[$i];
                $dry += $this->materials->pastry->dry * $grid->area[$i];
            }
        }

        return 100 * $water / ($water + $dry);
    }

    private function percentOfSide(Cells $cells): float
    {
        $grid = $this->grid;
        $water = $dry = 0.0;
        for ($j = $grid->fillFrom; $j <= $grid->fillTo; $j++) {
            for ($i = $grid->fillColumns; $i < $grid->fillColumns + $grid->sideColumns; $i++) {
                $water += $cells->W[$j * $grid->columns + $i] * $grid->dz[$j];
                $dry += $this->materials->pastry->dry * $grid->dz[$j];
            }
        }

        return $dry > 0 ? 100 * $water / ($water + $dry) : NAN;
    }

    /** How deep the base is soggy (above 22 %), mm from its top, at the middle. */
    private function soaked(Cells $cells): float
    {
        $mm = 0.0;
        for ($j = 1; $j <= $this->grid->baseRows; $j++) {
            $w = $cells->W[$j * $this->grid->columns];
            $mm += 100 * $w / ($w + $this->materials->pastry->dry) > 22 ? $this->grid->dz[$j] * 1000 : 0.0;
        }

        return $mm;
    }

    private function water(Cells $cells): float
    {
        $kg = 0.0;
        foreach ($cells->W as $cell => $w) {
            $kg += $w * $this->grid->m3[$cell];
        }

        return $kg;
    }

    /** J above 0 °C. */
    private function heat(Cells $cells): float
    {
        $joules = 0.0;
        foreach ($cells->T as $cell => $t) {
            $kind = $this->grid->kind[$cell];
            $joules += $this->grid->m3[$cell] * ($kind === Grid::TIN
                ? $this->materials->tinHeat * $t
                : $cells->W[$cell] * Vapour::WATER_HEAT * $t + $this->materials->heat0[$kind] * $t + $this->materials->heat1[$kind] * $t * $t / 2);
        }

        return $joules;
    }
}

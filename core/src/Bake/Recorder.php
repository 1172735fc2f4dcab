<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Safety\CoolingLimits;

/** Notes what happens while a bake runs, and makes its result. */
final class Recorder
{
    /** A pie that comes out within so many K of set is only just not (judgement). */
    private const NEARLY_KELVINS = 2.0;

    private readonly Film $film;

    private readonly CellSums $sums;

    private readonly EventWatch $watch;

    private readonly ?CustardWatch $custard;

    private readonly int $centreCell;

    private readonly int $edgeCell;

    private int $coldestCell = 0;

    private float $shellMinutes = 0.0;

    private float $outMinutes = 0.0;

    private float $waterAtFirstKg = 0.0;

    private float $heatAtFirstJoules = 0.0;

    private float $driestPercent = NAN;

    private float $carriesOverKelvins = 0.0;

    private ?Cells $out = null;

    private Cooling $cooling;

    /** @var list<BakedShell> */
    private array $shell = [];

    /** @var array{list<float>, list<float>, list<float>, list<float>, list<float>, list<float>, list<float>} */
    private array $curves = [[], [], [], [], [], [], []];

    /** @var array{list<float>, list<float>, list<float>, list<float>, list<float>, list<float>, list<float>} past the planned minutes, in thought */
    private array $onward = [[], [], [], [], [], [], []];

    public function __construct(private readonly Grid $grid, private readonly CellMaterials $materials, private readonly BakeInput $input, bool $films)
    {
        $middle = intdiv($grid->fillFrom + $grid->fillTo, 2);
        $this->centreCell = $middle * $grid->columns;
        $this->edgeCell = $middle * $grid->columns + $grid->fillColumns - 1;
        $this->film = new Film($films);
        $this->sums = new CellSums($grid, $materials);
        $this->watch = new EventWatch($this->sums, $input, $this->edgeCell);
        $this->custard = $input->setsAtCelsius === null ? null : new CustardWatch($this->sums, $input->setsAtCelsius);
        $this->cooling = new Cooling;
    }

    public function shellBegins(ShellStage $stage): void
    {
        $this->film->begin(FilmStage::from($stage->how->value));
    }

    /** @param  float  $minutes  of this stage */
    public function shellAt(float $minutes, Cells $cells): void
    {
        $this->film->take($this->shellMinutes + $minutes, $cells);
    }

    public function shellEnds(ShellStage $stage, Cells $cells): void
    {
        $this->film->take($this->shellMinutes + $stage->minutes, $cells, always: true);
        $this->shellMinutes += $stage->minutes;
        $this->shell[] = new BakedShell($stage, $this->sums->basePercent($cells), Brownness::index($cells->rimBrown), Brownness::index($cells->insideBrown), Brownness::index($cells->baseBrown));
    }

    public function filled(Cells $cells): void
    {
        $this->waterAtFirstKg = $this->sums->waterKg($cells);
        $this->heatAtFirstJoules = $this->sums->heatJoules($cells);
        $this->film->begin(FilmStage::Filled);
        $this->film->take($this->shellMinutes, $cells, always: true);
        $this->film->begin(FilmStage::Bake);
    }

    /** @param  int  $coldest  cell of the filling */
    public function bakes(float $minutes, Cells $cells, float $coldCelsius, int $coldest): void
    {
        $this->coldestCell = $coldest;
        $this->watch->at($minutes, $cells, $coldCelsius);
        $this->custard?->at($minutes, $cells, $coldCelsius);
        $base = $this->sums->basePercent($cells);
        foreach ($this->now($minutes, $cells) as $i => $value) {
            $this->curves[$i][] = $value;
        }
        $this->driestPercent = is_nan($this->driestPercent) ? $base : min($this->driestPercent, $base);
        $this->film->take($this->shellMinutes + $minutes, $cells);
    }

    public function takenOut(float $minutes, Cells $cells): void
    {
        $this->outMinutes = $minutes;
        $this->custard?->takenOut();
        $this->out = clone $cells;
        $this->film->take($this->shellMinutes + $minutes, $cells, always: true);
        $this->film->begin(FilmStage::Rest);
    }

    /** As if it had stayed in: only the events are watched. True once nothing more is to be waited for. */
    public function wouldBake(float $minutes, Cells $cells, float $coldCelsius): bool
    {
        $this->watch->at($minutes, $cells, $coldCelsius);
        $this->custard?->at($minutes, $cells, $coldCelsius);
        foreach ($this->now($minutes, $cells) as $i => $value) {
            $this->onward[$i][] = $value;
        }

        return $this->watch->isDone();
    }

    /** @return array{float, float, float, float, float, float, float} as BakeCurves has them */
    private function now(float $minutes, Cells $cells): array
    {
        $rim = ($this->grid->rows - 1) * $this->grid->columns + min($this->grid->columns - 1, $this->grid->fillColumns);

        return [
            $minutes, $cells->T[$this->centreCell], $cells->T[$this->edgeCell], ($cells->T[0] + $cells->T[$this->grid->columns]) / 2, $cells->T[$rim], $this->sums->baseRatio($cells),
            $this->input->setsAtCelsius === null ? 0.0 : $this->sums->tremblesMm($cells, $this->input->setsAtCelsius),
        ];
    }

    /** The state in which it came out. */
    public function out(): Cells
    {
        return $this->out ?? throw new \LogicException('It was never taken out.');
    }

    public function rests(float $minutes, Cells $cells): void
    {
        $this->custard?->rests($cells, $cells->T[$this->coldestCell]);
        $this->carriesOverKelvins = max($this->carriesOverKelvins, $cells->T[$this->coldestCell] - $this->out()->T[$this->coldestCell]);
        $this->film->take($this->shellMinutes + $minutes, $cells);
    }

    public function rested(float $minutes, Cells $cells): void
    {
        $this->film->take($this->shellMinutes + $minutes, $cells, always: true);
    }

    /** @param  float  $minutes  since it came out */
    public function cools(float $minutes, float $hottestCelsius): void
    {
        $was = $this->cooling;
        $this->cooling = new Cooling(
            $was->hotMinutes ?? ($hottestCelsius < CoolingLimits::HOT_CELSIUS ? $minutes : null),
            $was->warmMinutes ?? ($hottestCelsius < CoolingLimits::WARM_CELSIUS ? $minutes : null),
            $was->coldMinutes ?? ($hottestCelsius < CoolingLimits::COLD_CELSIUS ? $minutes : null),
        );
    }

    public function isCold(): bool
    {
        return $this->cooling->coldMinutes !== null;
    }

    /** @param  Cells  $rested  when it had rested */
    public function result(Cells $rested, int $steps): BakeResult
    {
        $out = $this->out();
        $sets = $this->input->setsAtCelsius;
        $heat = $this->sums->heatJoules($out) - $this->heatAtFirstJoules;

        return new BakeResult(
            $this->grid, $this->materials, $this->film->frames, new BakeCurves(...$this->curves), new BakeCurves(...$this->onward), $this->shell, $this->events(), $this->cooling,
            new Browned($this->sums->topBrownIndex($out), Brownness::index($out->rimBrown), Brownness::index($out->baseBrown), Brownness::index($out->insideBrown)),
            outMinutes: $this->outMinutes,
            baseRatio: $this->sums->baseRatio($rested),
            baseBakedShare: $this->sums->baseBakedShare($out),
            basePercent: $this->sums->basePercent($rested),
            basePercentOut: $this->sums->basePercent($out),
            basePercentDriest: $this->driestPercent,
            soakMm: $this->sums->soakMm($rested),
            setShare: $this->sums->fillingShare($out->peak, $sets ?? Doneness::NEVER_CELSIUS),
            nearlySetMinute: $this->custard?->readyMinute(self::NEARLY_KELVINS) ?? INF,
            peakCelsius: $this->custard?->peakCelsius() ?? NAN,
            middleDose: $this->custard?->dose() ?? 0.0,
            earlyShare: $sets === null ? 1.0 : $this->sums->earlyShare($rested),
            carriesOverKelvins: $this->carriesOverKelvins,
            lostKg: $out->evaporatedKg,
            massErrorShare: abs($this->sums->waterKg($out) + $out->evaporatedKg - $this->waterAtFirstKg) / max(1e-9, $this->waterAtFirstKg),
            energyErrorShare: abs($heat - ($out->heatJoules - $out->vapourJoules)) / max(1.0, abs($out->heatJoules)),
            steps: $steps,
        );
    }

    /** @return array<string, float> minute of each event that was reached */
    private function events(): array
    {
        $events = $this->watch->minutes;
        foreach ($this->custard === null ? [] : [
            [BakeEvent::TimeToLook, $this->custard->readyMinute()],
            [BakeEvent::Over, $this->custard->doseMinute(Doneness::PAST_ITS_BEST)],
            [BakeEvent::Tough, $this->custard->doseMinute($this->input->toughDose)],
        ] as [$event, $minute]) {
            if (is_finite($minute)) {
                $events[$event->value] = $minute;
            }
        }

        return $events;
    }
}

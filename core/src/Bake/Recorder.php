<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Safety\CoolingLimits;

/** Notes what happens while a bake runs, and makes its result. */
final class Recorder
{
    /** Over-cooking at which a custard is leathery, where 1 is its beginning (judgement). */
    private const LEATHERY_DOSE = 4.0;

    private readonly Film $film;

    private readonly CellSums $sums;

    private readonly EventWatch $watch;

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

    /** @var array{list<float>, list<float>, list<float>, list<float>, list<float>, list<float>} */
    private array $curves = [[], [], [], [], [], []];

    public function __construct(private readonly Grid $grid, private readonly CellMaterials $materials, private readonly BakeInput $input, bool $films)
    {
        $middle = intdiv($grid->fillFrom + $grid->fillTo, 2);
        $this->centreCell = $middle * $grid->columns;
        $this->edgeCell = $middle * $grid->columns + $grid->fillColumns - 1;
        $this->film = new Film($films);
        $this->sums = new CellSums($grid, $materials);
        $this->watch = new EventWatch($this->sums, $input, $this->edgeCell);
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
        $this->shell[] = new BakedShell($stage, $this->sums->basePercent($cells), $cells->rimBrown, $cells->insideBrown, $cells->baseBrown);
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
        $base = $this->sums->basePercent($cells);
        $rim = ($this->grid->rows - 1) * $this->grid->columns + min($this->grid->columns - 1, $this->grid->fillColumns);
        $now = [$minutes, $cells->T[$this->centreCell], $cells->T[$this->edgeCell], ($cells->T[0] + $cells->T[$this->grid->columns]) / 2, $cells->T[$rim], $base];
        foreach ($now as $i => $value) {
            $this->curves[$i][] = $value;
        }
        $this->driestPercent = is_nan($this->driestPercent) ? $base : min($this->driestPercent, $base);
        $this->film->take($this->shellMinutes + $minutes, $cells);
    }

    public function takenOut(float $minutes, Cells $cells): void
    {
        $this->outMinutes = $minutes;
        $this->out = clone $cells;
        $this->film->take($this->shellMinutes + $minutes, $cells, always: true);
        $this->film->begin(FilmStage::Rest);
    }

    /** As if it had stayed in: only the events are watched. True once nothing more is to be waited for. */
    public function wouldBake(float $minutes, Cells $cells, float $coldCelsius): bool
    {
        $this->watch->at($minutes, $cells, $coldCelsius);

        return $this->watch->isDone();
    }

    /** The state in which it came out. */
    public function out(): Cells
    {
        return $this->out ?? throw new \LogicException('It was never taken out.');
    }

    public function rests(float $minutes, Cells $cells): void
    {
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
            $this->grid, $this->materials, $this->film->frames, new BakeCurves(...$this->curves), $this->shell, $this->watch->minutes, $this->cooling,
            new Browned($this->sums->topBrownIndex($out), $out->rimBrown, $out->baseBrown, $out->insideBrown),
            outMinutes: $this->outMinutes,
            basePercent: $this->sums->basePercent($rested),
            basePercentOut: $this->sums->basePercent($out),
            basePercentDriest: $this->driestPercent,
            soakMm: $this->sums->soakMm($rested),
            setShare: $this->sums->fillingShare($out->peak, $sets ?? Doneness::NEVER_CELSIUS),
            overShare: $this->sums->fillingShare($out->dose, 1.0),
            leatheryShare: $sets === null ? 0.0 : $this->sums->fillingShare($out->dose, self::LEATHERY_DOSE),
            carriesOverKelvins: $this->carriesOverKelvins,
            lostKg: $out->evaporatedKg,
            massErrorShare: abs($this->sums->waterKg($out) + $out->evaporatedKg - $this->waterAtFirstKg) / max(1e-9, $this->waterAtFirstKg),
            energyErrorShare: abs($heat - ($out->heatJoules - $out->vapourJoules)) / max(1.0, abs($out->heatJoules)),
            steps: $steps,
        );
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

use Hojaldre\Core\Food\Composition;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Oven\TinMaterial;
use Hojaldre\Core\Pastry\Seal;
use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Pastry\Underlay;

/** All that the simulation has to know of one pie: shapes in mm, masses in kg of one tin or one fold, temperatures in °C. */
final readonly class BakeInput
{
    /**
     * @param  float  $radiusMm  of the filling: half the width across
     * @param  float|null  $lengthMm  of an oblong tin, or null where it is round
     * @param  float  $crustMm  rolled
     * @param  bool  $isLined  whether crust lies under and around the filling
     * @param  bool  $hasWall  whether a tin stands around it; a fold lies on a sheet
     * @param  float  $lidMm  0 without a lid
     * @param  float  $openShare  of the lid
     * @param  float  $rimGain  brownness of a glaze or of a bare rim against plain pastry
     * @param  array<string, float>  $parts  of the filling, kg: water, protein, fat, carbohydrate, fibre, ash
     * @param  array<string, float>|null  $topping  parts of what lies on top of an open filling where that is another thing, in any amount
     * @param  float|null  $setsAtCelsius  null where nothing has to set
     * @param  float  $liquidKg  of the custard, eggs and dairy
     * @param  float  $weepKg  water that the solids will let go
     * @param  float  $bindsKg  what binders and strewn layers can hold
     * @param  float  $runniness  how freely the raw filling wets the base, 0 to 1
     * @param  float  $topGain  brownness of what lies on top against plain pastry
     * @param  float  $topX0  water to solids at which it browns half as fast
     * @param  list<ShellStage>  $shell
     * @param  non-empty-list<Stage>  $stages
     */
    public function __construct(
        public float $radiusMm,
        public ?float $lengthMm,
        public float $crustMm,
        public bool $isLined,
        public bool $hasWall,
        public float $lidMm,
        public float $openShare,
        public float $rimGain,
        public TinMaterial $tinMaterial,
        public Composition $pastry,
        public float $pastryKgPerM3,
        public bool $isPuff,
        public array $parts,
        public ?array $topping,
        public float $startCelsius,
        public ?float $setsAtCelsius,
        public float $liquidKg,
        public float $weepKg,
        public float $bindsKg,
        public float $runniness,
        public Seal $seal,
        public Underlay $underlay,
        public float $topGain,
        public float $topX0,
        public array $shell,
        public array $stages,
        public bool $onSteel,
        public float $wantedCelsius,
    ) {
    }

    public function fillingKg(): float
    {
        return (float) array_sum($this->parts);
    }

    /** Vapour that gets out under the base while it does not boil, m/s; a sheet lies open around a fold (judgement). */
    public function gapMetresPerSecond(): float
    {
        return $this->hasWall ? $this->tinMaterial->gapMetresPerSecond() : max(1e-3, $this->tinMaterial->gapMetresPerSecond());
    }

    /** Share of what boils in the base that leaves below (judgement). */
    public function boilsOutBelow(): float
    {
        return $this->hasWall ? $this->tinMaterial->boilsOutBelow() : max(0.6, $this->tinMaterial->boilsOutBelow());
    }

    /** What stands free of a sheet brings its heat in from the side, as a fin does (judgement). */
    public function heatFromBelow(): float
    {
        return $this->hasWall ? 1.0 : 1.5;
    }

    /** The same pie in a kitchen that differs. */
    public function under(BakeDeviation $deviation): self
    {
        return new self(
            $this->radiusMm, $this->lengthMm, $this->crustMm, $this->isLined, $this->hasWall, $this->lidMm, $this->openShare, $this->rimGain, $this->tinMaterial,
            $this->pastry, $this->pastryKgPerM3, $this->isPuff, $this->parts, $this->topping, $this->startCelsius + $deviation->startKelvins,
            $this->setsAtCelsius === null ? null : $this->setsAtCelsius + $deviation->setKelvins,
            $this->liquidKg, $this->weepKg * $deviation->weep, $this->bindsKg, $this->runniness, $this->seal, $this->underlay, $this->topGain, $this->topX0,
            $this->shell, $this->stages, $this->onSteel, $this->wantedCelsius,
        );
    }
}

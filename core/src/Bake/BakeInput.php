<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

use Hojaldre\Core\Food\Composition;
use Hojaldre\Core\Food\DoughKind;
use Hojaldre\Core\Food\Freezing;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Oven\TinMaterial;
use Hojaldre\Core\Pastry\Seal;
use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Pastry\Underlay;

/** All that the simulation has to know of one pie: shapes in mm, masses in kg of one tin or one fold, temperatures in °C. */
final readonly class BakeInput
{
    /** A sheet lies open around a fold: its vapour gets out under the base, and while that boils, in such a share (judgement). */
    private const SHEET_GAP_METRES_PER_SECOND = 1e-3;

    private const SHEET_BOILS_OUT_SHARE = 0.6;

    /** What stands free on a sheet brings its heat in from the side, as a fin does (judgement). */
    private const FREE_SHEET_FACTOR = 1.5;

    /**
     * @param  float  $radiusMm  of the filling: half the width across
     * @param  float|null  $lengthMm  of an oblong tin, or null where it is round
     * @param  float  $crustMm  rolled
     * @param  bool  $isLined  whether crust lies under and around the filling
     * @param  bool  $hasWall  whether a tin stands around it; a fold lies on a sheet
     * @param  float  $lidMm  0 without a lid
     * @param  float  $openShare  of the lid
     * @param  array<string, float>  $partsKg  of the filling: water, protein, fat, carbohydrate, fibre, ash
     * @param  array<string, float>|null  $toppingKg  parts of what lies on top of an open filling where that is another thing, in any amount
     * @param  float|null  $setsAtCelsius  null where nothing has to set
     * @param  float  $toughDose  measures of over-cooking of its middle at which it is tough
     * @param  float  $liquidKg  of the custard, eggs and dairy
     * @param  WeepPlaces  $weep  water that the solids will let go
     * @param  float  $bindsKg  what binders and scattered layers can hold
     * @param  float  $runnyShare  how freely the raw filling wets the base, 0 to 1
     * @param  float  $topGain  how fast what lies on top browns, against plain pastry
     * @param  float  $topHalfWaterRatio  water to solids at which it browns half as fast
     * @param  list<ShellStage>  $shell
     * @param  non-empty-list<Stage>  $stages
     * @param  float  $safeCelsius  that its coldest point must reach
     * @param  bool  $hasRawRoots  that have to get tender
     * @param  bool  $isReheated  nothing in it is raw egg or raw flesh
     * @param  list<array{float, float}>  $startLayers  from below: share of the height, and what it has when it goes in, °C; empty where all of it has the same
     * @param  RawPiece|null  $rawPiece  the largest piece of raw flesh
     * @param  bool  $hasRawFlesh  or flesh that may be
     */
    public function __construct(
        public float $radiusMm,
        public ?float $lengthMm,
        public float $crustMm,
        public bool $isLined,
        public bool $hasWall,
        public float $lidMm,
        public float $openShare,
        public TinMaterial $tinMaterial,
        public Composition $pastry,
        public float $pastryKgPerM3,
        public DoughKind $doughKind,
        public array $partsKg,
        public ?array $toppingKg,
        public float $startCelsius,
        public ?float $setsAtCelsius,
        public float $toughDose,
        public float $liquidKg,
        public WeepPlaces $weep,
        public float $bindsKg,
        public float $runnyShare,
        public Seal $seal,
        public Underlay $underlay,
        public float $topGain,
        public float $topHalfWaterRatio,
        public array $shell,
        public array $stages,
        public bool $onSteel,
        public float $safeCelsius,
        public bool $hasRawRoots = false,
        public bool $isReheated = false,
        public array $startLayers = [],
        public ?RawPiece $rawPiece = null,
        public bool $hasRawFlesh = false,
    ) {
    }

    public function fillingKg(): float
    {
        return (float) array_sum($this->partsKg);
    }

    /** What the filling has at a share of its height from below when it goes in, °C. */
    public function startsAt(float $share): float
    {
        $from = 0.0;
        foreach ($this->isFrozen() ? [] : $this->startLayers as [$high, $celsius]) {
            $from += $high;
            if ($share <= $from) {
                return $celsius;
            }
        }

        return $this->startLayers === [] || $this->isFrozen() ? $this->startCelsius : $this->startLayers[count($this->startLayers) - 1][1];
    }

    /** Baked from frozen: filling and crust come out of the freezer together. */
    public function isFrozen(): bool
    {
        return $this->startCelsius < Freezing::POINT_CELSIUS;
    }

    /** Vapour that gets out under the base while it does not boil, m/s. */
    public function gapMetresPerSecond(): float
    {
        return $this->hasWall ? $this->tinMaterial->gapMetresPerSecond() : max(self::SHEET_GAP_METRES_PER_SECOND, $this->tinMaterial->gapMetresPerSecond());
    }

    /** Of what boils in the base, what leaves below. */
    public function boilsOutBelowShare(): float
    {
        return $this->hasWall ? $this->tinMaterial->boilsOutBelowShare() : max(self::SHEET_BOILS_OUT_SHARE, $this->tinMaterial->boilsOutBelowShare());
    }

    public function heatFromBelowFactor(): float
    {
        return $this->hasWall ? 1.0 : self::FREE_SHEET_FACTOR;
    }

    /** How much of its water still reaches the crust, 0 to 1. */
    public function barrierShare(): float
    {
        return $this->underlay->barrierShare($this->seal);
    }

    /** The same pie in a bake that differs. */
    public function under(BakeDeviation $deviation): self
    {
        $filling = $deviation->fillingFactor;

        return new self(
            $this->radiusMm, $this->lengthMm, $this->crustMm * $deviation->crustFactor, $this->isLined, $this->hasWall, $this->lidMm * $deviation->crustFactor,
            $this->openShare, $this->tinMaterial, $this->pastry, $this->pastryKgPerM3, $this->doughKind,
            array_map(static fn (float $kg): float => $kg * $filling, $this->partsKg), $this->toppingKg, $this->startCelsius + $deviation->startKelvins,
            $this->setsAtCelsius === null ? null : $this->setsAtCelsius + $deviation->setKelvins, $this->toughDose, $this->liquidKg * $filling,
            $this->weep->scaled($deviation->weepFactor * $filling), $this->bindsKg * $filling, $this->runnyShare, $this->seal, $this->underlay, $this->topGain,
            $this->topHalfWaterRatio, $this->shell, $this->stages, $this->onSteel, $this->safeCelsius, $this->hasRawRoots, $this->isReheated,
            array_map(static fn (array $one): array => [$one[0], $one[1] + $deviation->startKelvins], $this->startLayers), $this->rawPiece?->warmer($deviation->startKelvins), $this->hasRawFlesh,
        );
    }
}

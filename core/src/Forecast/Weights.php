<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast;

use Hojaldre\Core\Custard\Custard;
use Hojaldre\Core\Moisture\LayerWater;
use Hojaldre\Core\Pie\Form;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Seasoning\Salt;
use Hojaldre\Core\Tin\Tin;

/** The weighing arithmetic of one design: what the readings are taken from. */
final readonly class Weights
{
    /** A filling folded into a disc is pressed together, with this much air left in it (judgement). */
    private const PRESSED = 1.15;

    public Tin $lined;

    /** @var array<string, LayerWater> by layer id */
    public array $water;

    /** Water that weeps and no binder folded in holds, g. */
    public float $looseGrams;

    /** Of it, what strewn layers take up, g. */
    public float $absorbedGrams;

    /** The rest: it reaches the base and the custard, g. */
    public float $freeGrams;

    public float $fillingGrams;

    public float $solidMl;

    public float $heapMl;

    public float $custardMl;

    public function __construct(public Pie $pie, public WeighingDeviation $variation)
    {
        $this->lined = $pie->tin->lined($pie->crust->liningThicknessMm());
        $water = [];
        $grams = $solidMl = $heapMl = $free = 0.0;
        foreach ($pie->solids() as $solid) {
            $water[$solid->id] = $solid->water();
            $free += $water[$solid->id]->freeGrams;
            $grams += $solid->grams();
            $solidMl += $solid->trueMl();
            $heapMl += $solid->heapMl();
        }
        $capacity = 0.0;
        foreach ($pie->scattered() as $scattered) {
            $grams += $scattered->scattered->grams();
            $solidMl += $scattered->trueMl();
            $heapMl += $scattered->heapMl();
            $capacity += $scattered->capacityGrams();
        }
        $custard = $pie->custard();
        $this->water = $water;
        $this->looseGrams = $free * $variation->weep;
        $this->absorbedGrams = min($this->looseGrams, $capacity);
        $this->freeGrams = $this->looseGrams - $this->absorbedGrams;
        $this->solidMl = $solidMl;
        $this->heapMl = $heapMl;
        $this->custardMl = $custard?->millilitres() ?? 0.0;
        $this->fillingGrams = $grams + ($custard?->grams() ?? 0.0)
            + array_sum(array_map(static fn (Ingredient $i): float => $i->grams(), $pie->seasonings));
    }

    public static function of(Pie $pie): self
    {
        return new self($pie, WeighingDeviation::none());
    }

    public function crustGrams(): float
    {
        return $this->pie->crust->grams($this->pie->tin);
    }

    public function isEmpty(): bool
    {
        return $this->fillingGrams <= 0;
    }

    public function custard(): ?Custard
    {
        $layer = $this->pie->custard();

        return $layer === null ? null : new Custard(
            $layer->eggCount() * $this->variation->egg, $layer->liquidGrams(), $this->freeGrams, $layer->yolkShare(), $layer->fatShare(),
        );
    }

    public function salt(): Salt
    {
        $sources = [];
        foreach ($this->pie->layers as $layer) {
            foreach ($layer->ingredients() as $ingredient) {
                $sources[$ingredient->food->name] = ($sources[$ingredient->food->name] ?? 0.0) + $ingredient->food->saltGrams($ingredient->grams());
            }
        }
        foreach ($this->pie->solids() as $solid) {
            $name = sprintf('Salt kept by the %s', mb_strtolower(explode(',', $solid->food->name)[0]));
            $sources[$name] = ($sources[$name] ?? 0.0) + $solid->stepSaltGrams();
        }
        foreach ($this->pie->seasonings as $ingredient) {
            $sources[$ingredient->food->name] = ($sources[$ingredient->food->name] ?? 0.0) + $ingredient->food->saltGrams($ingredient->grams());
        }

        return new Salt(array_map(fn (float $grams): float => $grams * $this->variation->saltiness, $sources), $this->fillingGrams);
    }

    /** Depth of the filling above the crust, mm: the custard line, or the top of the solids where they stand proud. */
    public function fillMm(): float
    {
        $ml = $this->pie->form() === Form::Folded
            ? self::PRESSED * ($this->solidMl + $this->custardMl)
            : max($this->solidMl + $this->custardMl, $this->heapMl);

        return $this->lined->depthForVolumeMm($this->variation->volume * $ml);
    }

    /** What the filling has when it goes in, from where each part comes from: the mean by weight, °C. */
    public function startCelsius(): float
    {
        $grams = $heat = 0.0;
        foreach ($this->pie->layers as $layer) {
            foreach ($layer->ingredients() as $ingredient) {
                $grams += $ingredient->grams();
                $heat += $ingredient->grams() * $layer->fromCelsius();
            }
        }

        return $grams > 0 ? $heat / $grams : 10.0;
    }

    /** The highest temperature that any part of the filling must reach at its coldest point, °C. */
    public function safeCelsius(): float
    {
        // a filling without raw parts is reheated food: 74 °C (docs/sources.md#usda-safe-minimum)
        $wanted = [];
        foreach ($this->pie->layers as $layer) {
            foreach ($layer->ingredients() as $ingredient) {
                if ($ingredient->food->safeCelsius !== null && $ingredient->grams() > 0) {
                    $wanted[] = $ingredient->food->safeCelsius;
                }
            }
        }

        return $wanted === [] ? 74.0 : max($wanted);
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast;

use Hojaldre\Core\Custard\Custard;
use Hojaldre\Core\Moisture\LayerWater;
use Hojaldre\Core\Pie\Form;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Safety\SafeTemperature;
use Hojaldre\Core\Seasoning\Salt;
use Hojaldre\Core\Seasoning\SaltSource;
use Hojaldre\Core\Tin\Tin;

/** The weighing arithmetic of one design: what the readings are taken from. Made once for a design and handed on. */
final readonly class Weights
{
    /** A filling folded into a disc is pressed together, with this much air left in it (judgement). */
    private const PRESSED = 1.15;

    /** Of an empty pie, °C (common practice, no source). */
    private const USUAL_START = 10.0;

    /**
     * @param  Tin  $lined  the space inside its crust
     * @param  array<string, LayerWater>  $water  by layer id
     * @param  float  $looseGrams  water that weeps and no binder folded in holds
     * @param  float  $absorbedGrams  of it, what scattered layers take up
     * @param  float  $freeGrams  the rest: it reaches the base and the custard
     */
    private function __construct(
        public Pie $pie,
        private WeighingDeviation $deviation,
        public Tin $lined,
        public array $water,
        public float $looseGrams,
        public float $absorbedGrams,
        public float $freeGrams,
        public float $fillingGrams,
        public float $solidMl,
        public float $heapMl,
        public float $custardMl,
    ) {
    }

    public static function of(Pie $pie): self
    {
        $water = [];
        $grams = $solidMl = $heapMl = $free = $capacity = 0.0;
        foreach ($pie->solids() as $solid) {
            $water[$solid->id] = $solid->water();
            $free += $water[$solid->id]->freeGrams;
            $grams += $solid->grams();
            $solidMl += $solid->trueMl();
            $heapMl += $solid->heapMl();
        }
        foreach ($pie->scattered() as $layer) {
            $grams += $layer->grams();
            $solidMl += $layer->trueMl();
            $heapMl += $layer->heapMl();
            $capacity += $layer->capacityGrams();
        }
        $custard = $pie->custard();
        $absorbed = min($free, $capacity);

        return new self(
            $pie, WeighingDeviation::none(), $pie->tin->lined($pie->crust->liningThicknessMm()), $water, $free, $absorbed, $free - $absorbed,
            $grams + ($custard?->grams() ?? 0.0) + array_sum(array_map(static fn (Ingredient $i): float => $i->grams(), $pie->seasonings)),
            $solidMl, $heapMl, $custard?->millilitres() ?? 0.0,
        );
    }

    /**
     * The same design where a kitchen differs, less and more, one cause a pair.
     *
     * @return list<array{self, self}>
     */
    public function deviated(): array
    {
        return array_map(fn (array $pair): array => array_map($this->under(...), $pair), WeighingDeviation::pairs());
    }

    private function under(WeighingDeviation $deviation): self
    {
        $free = array_sum(array_map(static fn (LayerWater $one): float => $one->freeGrams, $this->water));
        $loose = $free * $deviation->weepFactor;
        $capacity = 0.0;
        foreach ($this->pie->scattered() as $layer) {
            $capacity += $layer->capacityGrams();
        }
        $absorbed = min($loose, $capacity);

        return new self($this->pie, $deviation, $this->lined, $this->water, $loose, $absorbed, $loose - $absorbed, $this->fillingGrams, $this->solidMl, $this->heapMl, $this->custardMl);
    }

    /** Raw dough in the tin, trimmed at the rim, and the lid. */
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
            $layer->eggCount() * $this->deviation->eggFactor, $layer->liquidGrams(), $this->freeGrams, $layer->yolkShare(), $layer->fatShare(),
        );
    }

    public function salt(): Salt
    {
        $found = [];
        $add = static function (string $food, bool $isKept, float $grams) use (&$found): void {
            $key = ($isKept ? 'kept ' : 'own ').$food;
            $found[$key] = [$food, $isKept, ($found[$key][2] ?? 0.0) + $grams];
        };
        foreach ($this->pie->layers as $layer) {
            foreach ($layer->ingredients() as $one) {
                $add($one->food->name, false, $one->food->saltGrams($one->grams()));
            }
        }
        foreach ($this->pie->solids() as $solid) {
            $add($solid->food->name, true, $solid->stepSaltGrams());
        }
        foreach ($this->pie->seasonings as $one) {
            $add($one->food->name, false, $one->food->saltGrams($one->grams()));
        }

        return new Salt(array_map(fn (array $one): SaltSource => new SaltSource($one[0], $one[1], $one[2] * $this->deviation->saltFactor), array_values($found)), $this->fillingGrams);
    }

    /** Depth of the filling above the crust, mm: the custard line, or the top of the solids where they stand proud. */
    public function fillMm(): float
    {
        $ml = $this->pie->form() === Form::Folded
            ? self::PRESSED * ($this->solidMl + $this->custardMl)
            : max($this->solidMl + $this->custardMl, $this->heapMl);

        return $this->lined->depthForVolumeMm($this->deviation->volumeFactor * $ml);
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

        return $grams > 0 ? $heat / $grams : self::USUAL_START;
    }

    /** What its coldest point must reach, °C. */
    public function safeCelsius(): float
    {
        $wanted = [];
        foreach ($this->pie->layers as $layer) {
            foreach ($layer->ingredients() as $ingredient) {
                if ($ingredient->food->safeCelsius !== null && $ingredient->grams() > 0) {
                    $wanted[] = $ingredient->food->safeCelsius;
                }
            }
        }

        return SafeTemperature::of($wanted);
    }
}

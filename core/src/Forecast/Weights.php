<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast;

use Hojaldre\Core\Bake\RawPiece;
use Hojaldre\Core\Custard\Custard;
use Hojaldre\Core\Food\Freezing;
use Hojaldre\Core\Food\Role;
use Hojaldre\Core\Food\Thermal;
use Hojaldre\Core\Moisture\LayerWater;
use Hojaldre\Core\Pie\CustardLayer;
use Hojaldre\Core\Pie\Form;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\Layer;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Safety\SafeTemperature;
use Hojaldre\Core\Seasoning\Salt;
use Hojaldre\Core\Seasoning\SaltSource;
use Hojaldre\Core\Tin\Tin;

/** The weighing arithmetic of one design: what the readings are taken from. Made once for a design and handed on. */
final readonly class Weights
{
    /** The yolk in a mayonnaise alone is no custard, eggs; what pours is nearly all liquid (judgement). */
    private const LEAST_EGGS = 0.5;

    private const POURED_SHARE = 0.75;

    /** Starch to liquid that binds it (common practice, no source: 50 g of flour to a litre coats a spoon). */
    private const BINDING_STARCH = 0.035;

    /** A filling folded into a disc is pressed together, with this much air left in it (judgement). */
    private const PRESSED = 1.15;

    /** Where heat capacities are taken, °C (definition). */
    private const HEAT_AT = 20.0;

    /** What is poured so much hotter than raw flesh may stay above it, K (judgement). */
    private const RUNS_IN_KELVINS = 20.0;

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
        private float $earlyShare = Custard::EARLY_SHARE,
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
     * The same design where a kitchen differs, or an amount that nobody weighed, less and more, one cause a pair.
     *
     * @return list<array{self, self}>
     */
    public function deviated(): array
    {
        return [
            ...array_map(fn (array $pair): array => array_map($this->under(...), $pair), WeighingDeviation::pairs()),
            ...array_map(fn (array $pair): array => [$pair[0]->settling($this->earlyShare), $pair[1]->settling($this->earlyShare)], $this->doubts()->pairs),
        ];
    }

    public function doubts(): AmountDoubts
    {
        return AmountDoubts::of($this);
    }

    /** The same design where one kitchen differs. */
    public function under(WeighingDeviation $deviation): self
    {
        $free = array_sum(array_map(static fn (LayerWater $one): float => $one->freeGrams, $this->water));
        $loose = $free * $deviation->weepFactor;
        $capacity = 0.0;
        foreach ($this->pie->scattered() as $layer) {
            $capacity += $layer->capacityGrams();
        }
        $absorbed = min($loose, $capacity);

        return new self($this->pie, $deviation, $this->lined, $this->water, $loose, $absorbed, $loose - $absorbed, $this->fillingGrams, $this->solidMl, $this->heapMl, $this->custardMl, $this->earlyShare);
    }

    /** With what a bake says of how much of the weep left before its place set, 0 to 1. */
    public function settling(float $earlyShare): self
    {
        return new self(
            $this->pie, $this->deviation, $this->lined, $this->water, $this->looseGrams, $this->absorbedGrams, $this->freeGrams, $this->fillingGrams,
            $this->solidMl, $this->heapMl, $this->custardMl, $earlyShare,
        );
    }

    /** Water that one layer will let go and no binder folded into it holds, g. */
    public function looseOf(SolidLayer $layer): float
    {
        return $this->water[$layer->id]->freeGrams * $this->deviation->weepFactor;
    }

    /** Carbohydrate of the whole filling, 0 to 1: it lets a custard stand more heat. */
    public function starchShare(): float
    {
        $grams = 0.0;
        foreach ($this->pie->layers as $layer) {
            foreach ($layer->ingredients() as $one) {
                $grams += $one->grams() * $one->food->per100g->carbohydrate / 100;
            }
        }

        return $this->fillingGrams > 0 ? $grams / $this->fillingGrams : 0.0;
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
            $layer->eggCount() * $this->deviation->eggFactor, $layer->liquidGrams(), $this->freeGrams, $layer->yolkShare(), $layer->fatShare(), $this->earlyShare,
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
                $isLayerItself = $layer instanceof SolidLayer && $one->food === $layer->food;
                $add($one->food->name, false, $isLayerItself ? $layer->ownSaltGrams() : $one->food->saltGrams($one->grams()));
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

    /** Of a filling as it lies in a fold, pressed together; of one that is only seasoned yet, as water. */
    public function foldedGramsPerMl(): float
    {
        $ml = self::PRESSED * ($this->solidMl + $this->custardMl);

        return $ml > 0 ? $this->fillingGrams / $ml : 1.0;
    }

    /** Solids stand above what is poured between them. */
    public function isHeaped(): bool
    {
        return $this->heapMl > $this->solidMl + $this->custardMl;
    }

    /** What the filling has when it goes in, from where each part comes from: all their heat together, ice and all, °C. */
    public function startCelsius(): float
    {
        return self::together($this->pie->layers);
    }

    /**
     * The filling as it goes in, from below: of each solid the share of the height that it takes and what it has there. What is poured
     * runs in between and is shared out by volume; where it is much hotter than raw flesh it is laid on top of it, for nobody knows how
     * far it runs (the cautious side).
     *
     * @return list<array{float, float}> share of the height, °C
     */
    public function startLayers(): array
    {
        $poured = $solids = [];
        $coldest = INF;
        foreach ($this->pie->layers as $layer) {
            if ($layer instanceof SolidLayer && $layer->now->grams > 0) {
                $solids[] = $layer;
                $coldest = $layer->isRaw() ? min($coldest, $layer->fromCelsius()) : $coldest;
            } elseif ($layer instanceof CustardLayer && $layer->grams() > 0) {
                $poured[] = $layer;
            }
        }
        $onTop = $poured !== [] && self::together($poured) - $coldest > self::RUNS_IN_KELVINS;
        $ml = max(1e-9, $this->solidMl + ($onTop ? $this->custardMl : 0.0));
        $layers = [];
        foreach ($solids as $solid) {
            $share = $solid->trueMl() / $ml;
            $layers[] = [$share, self::together($onTop ? [$solid] : [$solid, ...array_map(static fn (CustardLayer $one): CustardLayer => $one->scaled($share), $poured)])];
        }

        return $solids === [] ? [[1.0, $this->startCelsius()]] : [...$layers, ...($onTop ? [[$this->custardMl / $ml, self::together($poured)]] : [])];
    }

    /** The largest piece of raw flesh, against how cold it is; null where none is raw. */
    public function rawPiece(): ?RawPiece
    {
        $slowest = null;
        foreach ($this->pie->solids() as $solid) {
            $radius = $solid->isRaw() && $solid->now->grams > 0 ? $solid->pieceMm() / 2 : 0.0;
            if ($radius > 0) {
                $thermal = Thermal::of($solid->food->per100g, self::HEAT_AT);
                $piece = new RawPiece($radius, $solid->fromCelsius(), $thermal->conductivity() / ($thermal->density() * $thermal->specificHeat()));
                $slowest = $slowest === null ? $piece : $slowest->orSlower($piece);
            }
        }

        return $slowest;
    }

    /**
     * What some layers have when all their heat is shared, °C.
     *
     * @param  list<Layer>  $layers
     */
    private static function together(array $layers): float
    {
        $heat = $joules = $melts = 0.0;
        foreach ($layers as $layer) {
            foreach ($layer->ingredients() as $one) {
                $water = $one->grams() * $one->food->per100g->water / 100;
                $holds = Thermal::of($one->food->per100g, self::HEAT_AT)->specificHeat() * $one->grams();
                $freezes = Freezing::LATENT_JOULES_PER_KG * Freezing::freezable($water, $one->grams() - $water);
                $heat += Freezing::heat($layer->fromCelsius(), $holds, $freezes);
                $joules += $holds;
                $melts += $freezes;
            }
        }

        return $joules > 0 ? Freezing::celsius($heat, $joules, $melts) : self::USUAL_START;
    }

    /**
     * Whether there is a custard that egg has to set. A sauce, a mayonnaise with cheese, a fresh cheese bind by other means: starch,
     * fat, curd, cooling. A cream poured into an open pie without egg or flour does not bind at all, and is one that has to set and cannot.
     */
    public function hasToSet(): bool
    {
        $layer = $this->pie->custard();
        if ($layer === null) {
            return false;
        }
        if ($layer->eggCount() > 0) {
            return $layer->eggs !== [] || $layer->rawBlended() !== [] || $layer->eggCount() >= self::LEAST_EGGS;
        }

        if ($layer->dairies === []) {
            // a custard that is only begun; one that nothing was poured into says nothing yet
            return $layer->ingredients() !== [];
        }

        return ! $this->pie->form()->isClosed() && $layer->liquidGrams() >= self::POURED_SHARE * $layer->grams() && $this->binderStarchGrams() < self::BINDING_STARCH * $layer->liquidGrams();
    }

    /** Starch of flours stirred in, g. */
    private function binderStarchGrams(): float
    {
        $grams = 0.0;
        foreach ($this->pie->layers as $layer) {
            foreach ($layer->ingredients() as $one) {
                $grams += $one->food->role === Role::Binder ? $one->grams() * $one->food->per100g->carbohydrate / 100 : 0.0;
            }
        }

        return $grams;
    }

    /** Nothing in it is raw egg (in a mayonnaise neither) or raw flesh: it was cooked, and is made hot again. */
    public function isReheated(): bool
    {
        foreach ($this->pie->layers as $layer) {
            $isRaw = $layer instanceof SolidLayer ? $layer->isRaw() : ($layer instanceof CustardLayer && $layer->eggCount() > 0 || self::hasRaw($layer->ingredients()));
            if ($isRaw) {
                return false;
            }
        }

        return ! self::hasRaw($this->pie->seasonings);
    }

    /** Raw flesh in it, in pieces or blended in: nothing that a cook sees tells when its middle is hot. */
    public function hasRawFlesh(): bool
    {
        foreach ($this->pie->layers as $layer) {
            if ($layer instanceof SolidLayer ? $layer->isRaw() : array_filter($layer->ingredients(), static fn (Ingredient $one): bool => $one->food->isRaw() && $one->food->role === Role::Solid) !== []) {
                return true;
            }
        }

        return self::hasRaw($this->pie->seasonings);
    }

    /** @param  list<Ingredient>  $ingredients */
    private static function hasRaw(array $ingredients): bool
    {
        return array_filter($ingredients, static fn (Ingredient $one): bool => $one->food->isRaw() && $one->grams() > 0) !== [];
    }

    /** What its coldest point must reach, °C. */
    public function safeCelsius(): float
    {
        $wanted = [];
        foreach ([...array_merge([], ...array_map(static fn (Layer $layer): array => $layer->ingredients(), $this->pie->layers)), ...$this->pie->seasonings] as $ingredient) {
            if ($ingredient->food->safeCelsius !== null && $ingredient->grams() > 0) {
                $wanted[] = $ingredient->food->safeCelsius;
            }
        }

        return SafeTemperature::of($wanted);
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie;

use Hojaldre\Core\Document\Judged;
use Hojaldre\Core\Document\ListOf;
use Hojaldre\Core\Document\Number;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Food\Cooking;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\OfRole;
use Hojaldre\Core\Food\PieceSize;
use Hojaldre\Core\Food\Role;
use Hojaldre\Core\Moisture\Draining;
use Hojaldre\Core\Moisture\LayerWater;
use Hojaldre\Core\Moisture\PrepSteps;
use Hojaldre\Core\Refusal\Refusal;
use Hojaldre\Core\Seasoning\StepSalt;

/** Vegetables, fish, meat, cheese, nuts: what the custard runs between. */
final readonly class SolidLayer implements Judged, Layer
{
    /** (judgement) */
    private const DENSE_AFTER_SHARE = 0.25;

    /** Flesh that is said to be cooked and lost less than this is in doubt, and raw (common practice, no source: poached fish keeps 80 to 88 in 100). */
    private const COOKED_SHARE = 0.12;

    /** Less than this is no loss: it was not weighed again (definition). */
    private const NOT_WEIGHED_SHARE = 0.005;

    /** A limit of ours (definition). */
    private const MOST_STEPS = 8;

    /** Its weight as it goes into the pie: after the last step, or as bought. */
    public Amount $now;

    /**
     * @param  Amount  $bought  raw and trimmed
     * @param  list<Step>  $steps  what was done to it, in order
     * @param  string  $pan  layers that were cooked and weighed together carry the same name; empty where it was alone
     */
    public function __construct(
        #[Text(1, 40)] public string $id,
        #[OfRole(Role::Solid)] public Food $food,
        public Amount $bought,
        #[ListOf(Step::class, self::MOST_STEPS)] public array $steps,
        #[IngredientsOfRole(Role::Binder)] public ?Ingredient $binder,
        #[Number(self::COLDEST_CELSIUS, self::HOTTEST_CELSIUS, '°C')] public float $fromCelsius = 10.0,
        #[Text(0, 40)] public string $pan = '',
    ) {
        $this->now = $steps === [] ? $bought : $steps[count($steps) - 1]->after;
    }

    /** It never gains weight by a step, and cannot lose more than its water and fat. */
    public function refusals(): array
    {
        $refusals = [];
        $before = $this->bought->grams;
        $losable = $this->food->losableGrams($this->bought->grams);
        foreach ($this->steps as $index => $step) {
            $lost = $this->bought->grams - $step->after->grams;
            if ($step->after->grams > $before + 1e-6) {
                $refusals[] = new Refusal('heavier-than-before', "/steps/$index/after/grams", ['beforeGrams' => $before]);
            } elseif ($lost > $losable + 1e-6) {
                $refusals[] = new Refusal('drier-than-dry', "/steps/$index/after/grams", ['losableGrams' => $losable, 'lostGrams' => $lost]);
            }
            $before = $step->after->grams;
        }

        return $refusals;
    }

    public function id(): string
    {
        return $this->id;
    }

    public function fromCelsius(): float
    {
        return $this->fromCelsius;
    }

    public function prepSteps(): PrepSteps
    {
        return new PrepSteps(
            $this->bought->grams, array_map(static fn (Step $step): float => $step->after->grams, $this->steps),
            $this->food->per100g->water / 100, $this->food->waterShareOfLoss(),
        );
    }

    public function water(): LayerWater
    {
        return new LayerWater(
            $this->bought->grams,
            $this->now->grams,
            $this->food->floorYield,
            $this->binder === null ? 0.0 : $this->binder->grams() * $this->binder->food->bindsGramsPerGram,
        );
    }

    /** Of the salt that it had when it was bought, what is left: water that runs off takes its share along, steam does not; g. */
    public function ownSaltGrams(): float
    {
        $prep = $this->prepSteps();
        $kept = $this->food->saltGrams($this->bought->grams);
        foreach ($this->steps as $index => $step) {
            if ($step->saltGrams > 0 || $step->waterSaltGramsPerLitre > 0 || Draining::isMeantBy($step->preparation)) {
                $kept = StepSalt::rubbedOn($kept, $prep->waterGrams($index), $prep->waterGrams($index + 1));
            }
        }

        return $kept;
    }

    /** What the steps leave in it, beside its own salt: rubbed on and not drained away, or taken on from the water it was boiled in, g. */
    public function stepSaltGrams(): float
    {
        $prep = $this->prepSteps();
        $kept = 0.0;
        foreach ($this->steps as $index => $step) {
            $before = $prep->waterGrams($index);
            $after = $prep->waterGrams($index + 1);
            // what an earlier step left runs off with the water of this one, too
            $kept = StepSalt::rubbedOn($kept + $step->saltGrams, $before, $after) + StepSalt::boiledIn($step->waterSaltGramsPerLitre, $after);
        }

        return $kept;
    }

    /** As it goes into the pie, binder included. */
    public function grams(): float
    {
        return $this->now->grams + ($this->binder?->grams() ?? 0.0);
    }

    /** The room it takes up where custard cannot go. */
    public function trueMl(): float
    {
        return $this->now->grams / $this->food->gramsPerMl
            + ($this->binder === null ? 0.0 : $this->binder->grams() / $this->binder->food->gramsPerMl);
    }

    /** The room it takes up as a heap, gaps included. */
    public function heapMl(): float
    {
        return $this->trueMl() * (1 + ($this->food->gramsPerMl / $this->food->bulkGramsPerMl - 1) * (1 - $this->softenedShare()));
    }

    /** Has to be cooked through and no step says that it was; a loss of weight says nothing, nor does a word that nobody knows. */
    public function isRaw(): bool
    {
        return $this->food->isRaw() && ! $this->isCookedBefore();
    }

    /** By its word; and where it was weighed, by not too little lost for that word. */
    private function isCookedBefore(): bool
    {
        $before = $this->bought->grams;
        foreach ($this->steps as $step) {
            $lost = 1 - $step->after->grams / max(1e-9, $before);
            if (Cooking::isThrough($step->preparation, $this->food) && ($lost < self::NOT_WEIGHED_SHARE || $lost >= self::COOKED_SHARE)) {
                return true;
            }
            $before = $step->after->grams;
        }

        return false;
    }

    /** How large its pieces are as they go in, the diameter of a sphere of the same volume, mm; 0 where it lies as one mass. */
    public function pieceMm(): float
    {
        $words = mb_strtolower(implode(' ', [$this->bought->words, ...array_map(static fn (Step $step): string => $step->preparation, $this->steps)]));

        return PieceSize::of($this->food, $words);
    }

    /** How far preparing has made it lie dense, 0 raw to 1: what has lost a quarter of its weight has no gaps left to speak of, and raw flesh is pressed down (judgement). */
    private function softenedShare(): float
    {
        return $this->food->isRawFlesh() ? 1.0 : min(1.0, ($this->bought->grams - $this->now->grams) / max(1e-9, self::DENSE_AFTER_SHARE * $this->bought->grams));
    }

    /** Driven down to this weight: the last step goes further; where nothing was done to it yet, a step is added. */
    public function withNow(float $grams): self
    {
        $steps = $this->steps === [] ? [new Step('drained', $this->bought)] : $this->steps;
        $last = count($steps) - 1;
        $steps[$last] = $steps[$last]->withAfter($grams);

        return $this->withSteps(array_values($steps));
    }

    /** @param  list<Step>  $steps */
    public function withSteps(array $steps): self
    {
        return new self($this->id, $this->food, $this->bought, $steps, $this->binder, $this->fromCelsius, $this->pan);
    }

    public function withBinder(?Ingredient $binder): self
    {
        return new self($this->id, $this->food, $this->bought, $this->steps, $binder, $this->fromCelsius, $this->pan);
    }

    public function startingAt(float $celsius): self
    {
        return new self($this->id, $this->food, $this->bought, $this->steps, $this->binder, $celsius, $this->pan);
    }

    /** @param  string  $pan  that it was cooked and weighed in with others; empty where it was alone */
    public function inPan(string $pan): self
    {
        return new self($this->id, $this->food, $this->bought, $this->steps, $this->binder, $this->fromCelsius, $pan);
    }

    public function scaled(float $factor): self
    {
        return new self(
            $this->id, $this->food, $this->bought->scaled($factor, $this->food),
            array_map(fn (Step $step): Step => $step->scaled($factor, $this->food), $this->steps),
            $this->binder?->scaled($factor), $this->fromCelsius, $this->pan,
        );
    }

    public function ingredients(): array
    {
        return [new Ingredient($this->food, $this->bought), ...($this->binder === null ? [] : [$this->binder])];
    }
}

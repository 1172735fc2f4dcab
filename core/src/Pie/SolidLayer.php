<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie;

use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Moisture\Chain;
use Hojaldre\Core\Moisture\WetSolid;
use Hojaldre\Core\Seasoning\StepSalt;

/** Vegetables, fish, meat, cheese, nuts: what the custard runs between. */
final readonly class SolidLayer implements Layer
{
    /** Its weight as it goes into the pie: after the last step, or as bought. */
    public Amount $now;

    /**
     * @param  Amount  $bought  raw and trimmed
     * @param  list<Step>  $steps  what was done to it, in order
     */
    public function __construct(
        public string $id,
        public Food $food,
        public Amount $bought,
        public array $steps,
        public ?Ingredient $binder,
        public float $fromCelsius = 10.0,
    ) {
        $this->now = $steps === [] ? $bought : $steps[count($steps) - 1]->after;
    }

    public function id(): string
    {
        return $this->id;
    }

    public function fromCelsius(): float
    {
        return $this->fromCelsius;
    }

    public function chain(): Chain
    {
        return new Chain(
            $this->bought->grams, array_map(static fn (Step $step): float => $step->after->grams, $this->steps),
            $this->food->per100g->water / 100, $this->food->waterShareOfLoss(),
        );
    }

    public function water(): WetSolid
    {
        return new WetSolid(
            $this->bought->grams,
            $this->now->grams,
            $this->food->floorYield,
            $this->binder === null ? 0.0 : $this->binder->grams() * $this->binder->food->bindsGramsPerGram,
        );
    }

    /** What the steps leave in it, beside its own salt: rubbed on and not drained away, or taken on from the water it was boiled in, g. */
    public function stepSaltGrams(): float
    {
        $chain = $this->chain();
        $kept = 0.0;
        foreach ($this->steps as $index => $step) {
            $before = $chain->waterGrams($index);
            $after = $chain->waterGrams($index + 1);
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
        return max($this->trueMl(), $this->now->grams / $this->food->bulkGramsPerMl);
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
        return new self($this->id, $this->food, $this->bought, $steps, $this->binder, $this->fromCelsius);
    }

    public function withBinder(?Ingredient $binder): self
    {
        return new self($this->id, $this->food, $this->bought, $this->steps, $binder, $this->fromCelsius);
    }

    public function scaled(float $factor): self
    {
        return new self(
            $this->id, $this->food, $this->bought->scaled($factor, $this->food),
            array_map(fn (Step $step): Step => $step->scaled($factor, $this->food), $this->steps),
            $this->binder?->scaled($factor), $this->fromCelsius,
        );
    }

    public function ingredients(): array
    {
        return [new Ingredient($this->food, $this->bought), ...($this->binder === null ? [] : [$this->binder])];
    }

    public function toArray(): array
    {
        return [
            'kind' => 'solid',
            'id' => $this->id,
            'food' => $this->food->toArray(),
            'bought' => $this->bought->toArray(),
            'steps' => array_map(static fn (Step $step): array => $step->toArray(), $this->steps),
            'binder' => $this->binder?->toArray(),
            'fromCelsius' => $this->fromCelsius,
        ];
    }
}

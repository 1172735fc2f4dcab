<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie;

use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Moisture\WetSolid;

/** Vegetables, fish, meat, cheese, nuts: what the custard runs between. */
final readonly class SolidLayer implements Layer
{
    /**
     * @param  Amount  $bought  raw and trimmed
     * @param  string  $preparation  what was done to it, in words; may be empty
     * @param  Amount  $now  its weight as it goes into the pie
     */
    public function __construct(
        public string $id,
        public Food $food,
        public Amount $bought,
        public string $preparation,
        public Amount $now,
        public ?Ingredient $binder,
    ) {
    }

    public function id(): string
    {
        return $this->id;
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

    public function withNow(float $grams): self
    {
        return new self($this->id, $this->food, $this->bought, $this->preparation, Amount::of($grams), $this->binder);
    }

    public function withBinder(?Ingredient $binder): self
    {
        return new self($this->id, $this->food, $this->bought, $this->preparation, $this->now, $binder);
    }

    public function scaled(float $factor): self
    {
        return new self(
            $this->id, $this->food, $this->bought->scaled($factor, $this->food), $this->preparation, $this->now->scaled($factor, $this->food),
            $this->binder?->scaled($factor),
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
            'preparation' => $this->preparation,
            'now' => $this->now->toArray(),
            'binder' => $this->binder?->toArray(),
        ];
    }
}

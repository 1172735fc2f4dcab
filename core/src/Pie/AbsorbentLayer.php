<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie;

/** Crumbs, semolina, flour strewn as a layer: takes up what weeps, until it is full. */
final readonly class AbsorbentLayer implements Layer
{
    public function __construct(public string $id, public Ingredient $strewn, public float $fromCelsius = 10.0)
    {
    }

    public function id(): string
    {
        return $this->id;
    }

    public function fromCelsius(): float
    {
        return $this->fromCelsius;
    }

    /** Water it can hold, g. */
    public function capacityGrams(): float
    {
        return $this->strewn->grams() * $this->strewn->food->bindsGramsPerGram;
    }

    public function trueMl(): float
    {
        return $this->strewn->grams() / $this->strewn->food->gramsPerMl;
    }

    /** A strewn layer lies as loose as in a cup. */
    public function heapMl(): float
    {
        return $this->strewn->grams() / $this->strewn->food->bulkGramsPerMl;
    }

    public function scaled(float $factor): self
    {
        return new self($this->id, $this->strewn->scaled($factor), $this->fromCelsius);
    }

    public function ingredients(): array
    {
        return [$this->strewn];
    }

    public function toArray(): array
    {
        return ['kind' => 'absorbent', 'id' => $this->id, ...$this->strewn->toArray(), 'fromCelsius' => $this->fromCelsius];
    }
}

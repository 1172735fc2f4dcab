<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie;

use Hojaldre\Core\Document\Number;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\OfRole;
use Hojaldre\Core\Food\Role;

/** A binder scattered as a layer, crumbs, semolina or flour: takes up what weeps, until it is full. */
final readonly class ScatteredLayer implements Layer
{
    public function __construct(
        #[Text(1, 40)] public string $id,
        #[OfRole(Role::Binder)] public Food $food,
        public Amount $amount,
        #[Number(self::COLDEST_CELSIUS, self::HOTTEST_CELSIUS, '°C')] public float $fromCelsius = 10.0,
    ) {
    }

    public function id(): string
    {
        return $this->id;
    }

    public function fromCelsius(): float
    {
        return $this->fromCelsius;
    }

    public function grams(): float
    {
        return $this->amount->grams;
    }

    /** Water it can hold, g. */
    public function capacityGrams(): float
    {
        return $this->grams() * $this->food->bindsGramsPerGram;
    }

    public function trueMl(): float
    {
        return $this->grams() / $this->food->gramsPerMl;
    }

    /** A scattered layer lies as loose as in a cup, ml. */
    public function heapMl(): float
    {
        return $this->grams() / $this->food->bulkGramsPerMl;
    }

    public function startingAt(float $celsius): self
    {
        return new self($this->id, $this->food, $this->amount, $celsius);
    }

    public function scaled(float $factor): self
    {
        return $this->withIngredient($this->ingredient()->scaled($factor));
    }

    public function withIngredient(Ingredient $ingredient): self
    {
        return new self($this->id, $ingredient->food, $ingredient->amount, $this->fromCelsius);
    }

    public function ingredient(): Ingredient
    {
        return new Ingredient($this->food, $this->amount);
    }

    public function ingredients(): array
    {
        return [$this->ingredient()];
    }
}

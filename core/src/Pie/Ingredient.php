<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie;

use Hojaldre\Core\Food\Food;

/** A food and how much of it. */
final readonly class Ingredient
{
    public function __construct(public Food $food, public Amount $amount)
    {
    }

    public function with(float $grams): self
    {
        return new self($this->food, Amount::of($grams, $this->food, $this->amount->piece($this->food)));
    }

    public function scaled(float $factor): self
    {
        return $this->with($this->grams() * $factor);
    }

    public function grams(): float
    {
        return $this->amount->grams;
    }
}

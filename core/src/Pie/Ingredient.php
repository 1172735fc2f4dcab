<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie;

use Hojaldre\Core\Fields;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\Role;

/** A food and how much of it. */
final readonly class Ingredient
{
    public function __construct(public Food $food, public Amount $amount)
    {
    }

    public static function read(Fields $fields, Role $role): self
    {
        $read = new self(Food::read($fields->object('food')), Amount::read($fields->object('amount')));
        if ($read->food->role !== $role) {
            $fields->fault('food/role', 'role-does-not-fit', sprintf('Only a food with the role "%s" fits here.', $role->value));
        }
        $fields->nothingElse();

        return $read;
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

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['food' => $this->food->toArray(), 'amount' => $this->amount->toArray()];
    }
}

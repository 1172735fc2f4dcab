<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie;

/** One thing poured or laid into the crust. */
interface Layer
{
    public function id(): string;

    /** Where it comes from: 5 the fridge, 20 the bench, 60 the pan, °C. */
    public function fromCelsius(): float;

    public function scaled(float $factor): self;

    /** @return list<Ingredient> all that is in it, as bought */
    public function ingredients(): array;

    /** @return array<string, mixed> as in a pie file */
    public function toArray(): array;
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/** Where the water lies that solids will let go, kg: on the crust, in the custard, on top of it. Without a custard all of it is low. */
final readonly class WeepPlaces
{
    public function __construct(public float $lowKg = 0.0, public float $midKg = 0.0, public float $topKg = 0.0)
    {
    }

    public function scaled(float $factor): self
    {
        return new self($this->lowKg * $factor, $this->midKg * $factor, $this->topKg * $factor);
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Moisture;

/** Where something cools: how warm it is there, and how well its air takes heat. */
enum Air: string
{
    case Bench = 'bench';
    case Fridge = 'fridge';

    /** (definition) */
    public function celsius(float $kitchenCelsius): float
    {
        return $this === self::Bench ? $kitchenCelsius : 4.0;
    }

    /** By convection and radiation together, W/m2 K (judgement: still air 5 and radiation 5; a fridge blows a little). */
    public function wattsPerM2Kelvin(): float
    {
        return $this === self::Bench ? 10.0 : 12.0;
    }
}

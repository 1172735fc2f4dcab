<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie;

/** Where a layer commonly comes from when it goes in. */
enum StartingPlace: string
{
    case Freezer = 'freezer';
    case Fridge = 'fridge';
    case Cool = 'cool';
    case Bench = 'bench';
    case Lukewarm = 'lukewarm';
    case Pan = 'pan';

    /** °C (common practice, no source) */
    public function celsius(): float
    {
        return match ($this) {
            self::Freezer => -18.0,
            self::Fridge => 5.0,
            self::Cool => 10.0,
            self::Bench => 20.0,
            self::Lukewarm => 40.0,
            self::Pan => 60.0,
        };
    }
}

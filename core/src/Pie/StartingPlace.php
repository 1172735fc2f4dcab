<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie;

use Hojaldre\Core\Food\Food;

/** Where a layer commonly comes from when it goes in. */
enum StartingPlace: string
{
    case Freezer = 'freezer';
    case Fridge = 'fridge';
    case Cool = 'cool';
    case Bench = 'bench';
    case Lukewarm = 'lukewarm';
    case Pan = 'pan';

    /** What has to be hot all through is kept cold until it goes in; the rest stands on the bench (common practice, no source). */
    public static function of(Food $food): self
    {
        return $food->safeCelsius === null ? self::Bench : self::Fridge;
    }

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

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast\Readings;

/** The readings, in the order in which they are shown. */
enum ReadingName: string
{
    case Custard = 'custard';
    case Set = 'set';
    case Base = 'base';
    case Colour = 'colour';
    case Salt = 'salt';
    case Fill = 'fill';
    case Safe = 'safe';

    /** Read off the simulated bake, and not off the weights. */
    public function isOfTheBake(): bool
    {
        return in_array($this, [self::Set, self::Base, self::Colour, self::Safe], true);
    }
}

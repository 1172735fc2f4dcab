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
}

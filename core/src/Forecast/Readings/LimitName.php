<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast\Readings;

/** What stands at a limit of a reading. */
enum LimitName: string
{
    case Rubber = 'rubber';
    case Loose = 'loose';
    case TakeOut = 'take-out';
    case Soggy = 'soggy';
    case TooPale = 'too-pale';
    case TooDark = 'too-dark';
    case Bland = 'bland';
    case Salty = 'salty';
    case Mean = 'mean';
    case Hollow = 'hollow';
    case OverTheRim = 'over-the-rim';
    case Bursts = 'bursts';
}

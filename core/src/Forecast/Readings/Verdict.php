<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast\Readings;

/** The word for a reading, and for what lies beyond a limit. */
enum Verdict: string
{
    case NothingPoured = 'nothing-poured';

    // custard
    case Firm = 'firm';
    case Holds = 'holds';
    case Loose = 'loose';
    case NoEgg = 'no-egg';

    // set
    case NeverSets = 'never-sets';
    case NotSet = 'not-set';
    case Set = 'set';
    case PastItsBest = 'past-its-best';
    case OverBaked = 'over-baked';

    // base
    case Crisp = 'crisp';
    case Dry = 'dry';
    case Soft = 'soft';
    case Soggy = 'soggy';

    // salt
    case Bland = 'bland';
    case Seasoned = 'seasoned';
    case Salty = 'salty';

    // fill
    case Mean = 'mean';
    case Hollow = 'hollow';
    case Fits = 'fits';
    case OverTheRim = 'over-the-rim';
    case Bursts = 'bursts';

    // safe
    case NotYetSafe = 'not-yet-safe';
    case Safe = 'safe';
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast\Readings;

/** What stands at a limit of a reading. */
enum LimitName: string
{
    case Firm = 'firm';
    case Loose = 'loose';
    case OverBaked = 'over-baked';
    case TakeOut = 'take-out';
    case DryTo = 'dry-to';
    case Bland = 'bland';
    case Salty = 'salty';
    case Mean = 'mean';
    case Hollow = 'hollow';
    case OverTheRim = 'over-the-rim';
    case Bursts = 'bursts';
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/** What a cook waits for while a pie is in the oven, in the order in which they are told where they fall together. */
enum BakeEvent: string
{
    case EdgeSet = 'edge-set';
    case TimeToLook = 'time-to-look';
    case Set = 'set';
    case Warm = 'warm';
    case Safe = 'safe';
    case Tender = 'tender';
    case LightGold = 'light-gold';
    case Golden = 'golden';
    case Dark = 'dark';
    case Over = 'over';
    case Tough = 'tough';
}

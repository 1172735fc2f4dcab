<?php

declare(strict_types=1);

namespace Hojaldre\Core\Safety;

/** Whether a pie cools fast enough to be kept, whole and in its tin: an hour on a rack, then the fridge. */
enum CoolingVerdict: string
{
    case WithinLimits = 'within-limits';
    case TooSlowToWarm = 'too-slow-to-warm';
    case TooSlowToCold = 'too-slow-to-cold';
}

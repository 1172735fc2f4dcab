<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast\Readings;

/** The word for a reading, and for what lies beyond a limit. */
enum Verdict: string
{
    case NothingPoured = 'nothing-poured';

    /** of a rough bake, while the fine one is on its way */
    case WorkingOut = 'working-out';

    // custard
    case Rubber = 'rubber';
    case Firmer = 'firmer';
    case Holds = 'holds';
    case Softer = 'softer';
    case Loose = 'loose';
    case NoEgg = 'no-egg';

    // set
    case NeverSets = 'never-sets';
    case NotSet = 'not-set';
    case Set = 'set';
    case JustSet = 'just-set';
    case PastItsBest = 'past-its-best';
    case Tough = 'tough';

    // base
    case Crisp = 'crisp';
    case Dry = 'dry';
    case Soft = 'soft';
    case Soggy = 'soggy';
    case Raw = 'raw';
    case PuffsUp = 'puffs-up';
    case FatMelts = 'fat-melts';

    // colour
    case Pale = 'pale';
    case Straw = 'straw';
    case LightGold = 'light-gold';
    case Golden = 'golden';
    case Dark = 'dark';
    case Burnt = 'burnt';
    case RimBurnt = 'rim-burnt';
    case UndersideBurnt = 'underside-burnt';

    // salt
    case Bland = 'bland';
    case Mild = 'mild';
    case Seasoned = 'seasoned';
    case Savoury = 'savoury';
    case Salty = 'salty';

    // fill
    case Mean = 'mean';
    case Hollow = 'hollow';
    case Fits = 'fits';
    case Heaped = 'heaped';
    case OverTheRim = 'over-the-rim';
    case Bursts = 'bursts';

    // safe
    case NotSimulated = 'not-simulated';
    case WarmsTooSlowly = 'warms-too-slowly';
    case NotYetSafe = 'not-yet-safe';
    case SafeWhenSet = 'safe-when-set';
    case LikelySafe = 'likely-safe';
    case Safe = 'safe';
    case RootsRaw = 'roots-raw';
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Record;

/** What went wrong with a pie, in the words of cooks. */
enum FaultName: string
{
    case SoggyBase = 'soggy-base';
    case SlumpedSide = 'slumped-side';
    case PuffedBase = 'puffed-base';
    case Weeping = 'weeping';
    case Cracked = 'cracked';
    case Scrambled = 'scrambled';
    case Rubbery = 'rubbery';
    case Pale = 'pale';
    case BurntRim = 'burnt-rim';
    case RawMiddle = 'raw-middle';
    case HardPotato = 'hard-potato';
    case Leaked = 'leaked';
    case BurstSeam = 'burst-seam';
    case Hollow = 'hollow';
    case Dry = 'dry';
    case Greasy = 'greasy';
    case ToughDough = 'tough-dough';
    case TornDough = 'torn-dough';
    case StickyDough = 'sticky-dough';
    case Stuck = 'stuck';
    case NoColour = 'no-colour-below';
    case TooSalt = 'too-salt';
    case Bland = 'bland';
    case FillingLeft = 'filling-left';
    case FillingShort = 'filling-short';
    case DoughLeft = 'dough-left';
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\AtOven;

/** What is done at the oven, in the order in which it comes. */
enum ActName: string
{
    case WeightsOut = 'weights-out';
    case ShellLook = 'shell-look';
    case Seal = 'seal';
    case Move = 'move';
    case Turn = 'turn';
    case Vent = 'vent';
    case Look = 'look';
    case Out = 'out';
    case Rested = 'rested';
    case Chill = 'chill';
}

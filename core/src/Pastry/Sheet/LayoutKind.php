<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Sheet;

/** How pieces lie on a sheet: side by side, each row in the gaps of the last, both of these, two blocks of which one is turned, or pushed together. */
enum LayoutKind: string
{
    case Squares = 'squares';
    case Staggered = 'staggered';
    case Mixed = 'mixed';
    case Turned = 'turned';
    case Pushed = 'pushed';
}

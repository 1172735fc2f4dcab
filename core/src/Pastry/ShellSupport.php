<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry;

/** What holds an empty shell up in the oven: weights to the rim, foil along its sides, holes pricked in its base, or nothing. */
enum ShellSupport: string
{
    case Weighted = 'weighted';
    case Propped = 'propped';
    case Pricked = 'pricked';
    case Bare = 'bare';
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Sheet;

/** What is cut out of a sheet. */
enum CutShape: string
{
    case Disc = 'disc';
    case HalfMoon = 'half-moon';
    case Square = 'square';
    case Rectangle = 'rectangle';
}

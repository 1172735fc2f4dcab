<?php

declare(strict_types=1);

namespace Hojaldre\Core\Safety;

/** Where it is kept: at 5 °C or below, or at -18. */
enum KeptIn: string
{
    case Fridge = 'fridge';
    case Freezer = 'freezer';
}

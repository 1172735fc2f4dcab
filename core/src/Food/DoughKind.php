<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

/** How a dough bakes: short, or in leaves with air between them. */
enum DoughKind: string
{
    case Short = 'short';
    case Puff = 'puff';
}

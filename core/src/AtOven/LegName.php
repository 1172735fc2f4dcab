<?php

declare(strict_types=1);

namespace Hojaldre\Core\AtOven;

/** A pie goes through the oven as an empty shell, and filled. */
enum LegName: string
{
    case Shell = 'shell';
    case Bake = 'bake';
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Oven;

/** How high it stands in the oven. */
enum Rack: string
{
    case Low = 'low';
    case Middle = 'middle';
    case High = 'high';
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day;

/** How an order ends: served warm from its rest, cold for a clean cut, chilled to be kept, or frozen unbaked. */
enum Ending: string
{
    case Warm = 'warm';
    case Cold = 'cold';
    case Chilled = 'chilled';
    case Frozen = 'frozen';
}

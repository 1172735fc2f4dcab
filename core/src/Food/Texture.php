<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

/** How a food looks in a section: the drawing asks for it, no rule of the trade does. */
enum Texture: string
{
    case Plain = 'plain';
    case Strands = 'strands';
    case Flakes = 'flakes';
    case Shavings = 'shavings';
    case Cubes = 'cubes';
    case Arcs = 'arcs';
    case Crumbs = 'crumbs';
}

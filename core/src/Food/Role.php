<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

/** What a food does in a pie. */
enum Role: string
{
    case Egg = 'egg';
    case Dairy = 'dairy';
    /** Water, stock, wine: what a sauce is made of. */
    case Liquid = 'liquid';
    case Solid = 'solid';
    case Binder = 'binder';
    case Seasoning = 'seasoning';
    case Dough = 'dough';
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Batch\Prep;

/** What is done in the kitchen before the oven, in the order cooks work. */
enum ActKind: string
{
    case Dough = 'dough';
    case Cut = 'cut';
    case Cook = 'cook';
    case Cool = 'cool';
    case Line = 'line';
    case Bind = 'bind';
    case Sauce = 'sauce';
    case Custard = 'custard';
}

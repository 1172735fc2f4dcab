<?php

declare(strict_types=1);

namespace Hojaldre\Core\Recipe;

/** Where what a line names goes. */
enum Into: string
{
    case Layer = 'layer';
    case Custard = 'custard';
    case Sauce = 'sauce';
    case Seasoning = 'seasoning';
    case Dough = 'dough';
    case Glaze = 'glaze';
    case Scattered = 'scattered';
    /** Greases the tin, dusts the board: not in the pie. */
    case Beside = 'beside';
}

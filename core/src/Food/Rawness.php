<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

/** Whether a food may be eaten as bought, or is raw meat, fish or poultry. */
enum Rawness: string
{
    case Cooked = 'cooked';
    case Raw = 'raw';
    case Poultry = 'poultry';
}

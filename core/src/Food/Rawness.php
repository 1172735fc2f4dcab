<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

/** Whether a food may be eaten as bought, or is raw meat, fish, egg or milk, or raw poultry; or nobody said it yet, and what may be raw is. */
enum Rawness: string
{
    case Unsaid = 'unsaid';
    case Cooked = 'cooked';
    case Raw = 'raw';
    case Poultry = 'poultry';
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

/** Whose egg sizes "large" and "medium" are. */
enum EggSizing: string
{
    case Us = 'us';
    case Eu = 'eu';
}

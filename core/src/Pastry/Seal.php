<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry;

/** What was brushed on the hot base against water. */
enum Seal: string
{
    case None = 'none';
    case Egg = 'egg';
}

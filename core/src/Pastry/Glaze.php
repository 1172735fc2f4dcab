<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry;

/** What is brushed on a lid before it goes in. */
enum Glaze: string
{
    case None = 'none';
    case Egg = 'egg';

    /** Yolk and a little cream. */
    case Yolk = 'yolk';

    case Milk = 'milk';
}

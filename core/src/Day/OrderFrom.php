<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day;

/** What there is of an order when the day begins: nothing, pies frozen unbaked, or pies that were baked before. */
enum OrderFrom: string
{
    case Scratch = 'scratch';
    case Frozen = 'frozen';
    case Baked = 'baked';
}

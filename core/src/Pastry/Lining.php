<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry;

/** Whether the crust lines the tin, or lies on a dish as a lid alone. */
enum Lining: string
{
    case Tin = 'tin';
    case LidOnly = 'lid-only';
}

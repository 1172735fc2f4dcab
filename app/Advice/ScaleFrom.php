<?php

declare(strict_types=1);

namespace App\Advice;

/** Where the amounts of a design come from: every amount by a factor, or right for other portions or another tin. */
enum ScaleFrom: string
{
    case Factor = 'factor';
    case Portions = 'portions';
    case Tin = 'tin';
}

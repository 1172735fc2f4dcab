<?php

declare(strict_types=1);

namespace Hojaldre\Core\Oven;

/** What the tin stands on in the oven: an open rack, or a hot steel or stone. */
enum StandsOn: string
{
    case Rack = 'rack';
    case Steel = 'steel';
}

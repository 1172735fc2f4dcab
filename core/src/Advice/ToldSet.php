<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice;

/** What a cook says of a custard that has rested. */
enum ToldSet: string
{
    case Runny = 'runny';
    case Tender = 'tender';
    case Firm = 'firm';
    case Tough = 'tough';
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Custard;

/** How a custard turns out, for a cook who wanted it in a certain style. */
enum CustardVerdict: string
{
    case Firm = 'firm';
    case Holds = 'holds';
    case Loose = 'loose';
}

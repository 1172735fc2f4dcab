<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Advice\WhatIf;
use Hojaldre\Core\Advice\WhatIfPoint;

/** One thing changed by steps, and what becomes of every reading. */
#[Schema('WhatIf')]
final readonly class WhatIfAnswer
{
    /** @param  list<WhatIfPointAnswer>  $points  in order; none where this pie has no such thing */
    private function __construct(public array $points)
    {
    }

    public static function of(WhatIf $whatIf, Words $words): self
    {
        return new self(array_map(static fn (WhatIfPoint $one): WhatIfPointAnswer => WhatIfPointAnswer::of($one, $whatIf->lever, $words), $whatIf->points));
    }
}

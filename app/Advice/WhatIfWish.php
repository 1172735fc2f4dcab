<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Schema;
use Hojaldre\Core\Advice\WhatIfLever;
use Hojaldre\Core\Pie\Pie;

#[Schema('WhatIfWish')]
final readonly class WhatIfWish
{
    public function __construct(public Pie $design, public WhatIfLever $lever)
    {
    }
}

<?php

declare(strict_types=1);

namespace App\Prep;

use App\Contract\Schema;

#[Schema('GoneWish')]
final readonly class GoneWish
{
    public function __construct(public LeftoverGone $gone)
    {
    }
}

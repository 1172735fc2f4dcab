<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Schema;
use Hojaldre\Core\Advice\Told;
use Hojaldre\Core\Pie\Pie;

/** A bake as it was designed, and what came out. */
#[Schema('MatchWish')]
final readonly class MatchWish
{
    public function __construct(public Pie $design, public Told $told)
    {
    }
}

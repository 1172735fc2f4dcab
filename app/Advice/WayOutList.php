<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Schema;

#[Schema('WayOutList')]
final readonly class WayOutList
{
    /** @param  list<WayOutAnswer>  $waysOut */
    public function __construct(public array $waysOut)
    {
    }
}

<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Schema;

#[Schema('WaysOnTime')]
final readonly class WaysOnTimeAnswer
{
    /** @param  list<WayOnTimeAnswer>  $ways */
    public function __construct(public array $ways)
    {
    }
}

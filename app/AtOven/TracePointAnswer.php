<?php

declare(strict_types=1);

namespace App\AtOven;

use App\Contract\Schema;

#[Schema('TracePoint')]
final readonly class TracePointAnswer
{
    /** @param  float  $minute  since it went in */
    public function __construct(public float $minute, public float $celsius)
    {
    }
}

<?php

declare(strict_types=1);

namespace App\AtOven;

use App\Contract\Schema;

/** Where the middle of the pie was in the simulated bakes at one minute. */
#[Schema('ForecastBand')]
final readonly class BandAnswer
{
    /** @param  list<float>  $celsius  in 1, 3, 5, 7 and 9 of 10 of them */
    public function __construct(public array $celsius)
    {
    }
}

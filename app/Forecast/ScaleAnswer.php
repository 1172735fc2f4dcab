<?php

declare(strict_types=1);

namespace App\Forecast;

use App\Contract\Schema;

/** Ends of the rule that a reading is drawn on. */
#[Schema('ReadingScale')]
final readonly class ScaleAnswer
{
    public function __construct(public float $from, public float $to)
    {
    }
}

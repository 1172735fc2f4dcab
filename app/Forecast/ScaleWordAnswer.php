<?php

declare(strict_types=1);

namespace App\Forecast;

use App\Contract\Schema;

/** A word of a scale and up to where it holds. */
#[Schema('ScaleWord')]
final readonly class ScaleWordAnswer
{
    /** @param  float|null  $to  null for the last one */
    public function __construct(public string $word, public ?float $to)
    {
    }
}

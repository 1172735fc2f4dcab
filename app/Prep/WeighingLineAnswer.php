<?php

declare(strict_types=1);

namespace App\Prep;

use App\Contract\Schema;

#[Schema('WeighingLine')]
final readonly class WeighingLineAnswer
{
    /** @param  float  $eachGrams  in one tin, or one folded piece */
    public function __construct(public string $name, public float $eachGrams, public float $allGrams)
    {
    }
}

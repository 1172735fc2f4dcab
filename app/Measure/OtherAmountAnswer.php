<?php

declare(strict_types=1);

namespace App\Measure;

use App\Contract\Schema;

#[Schema('OtherAmount')]
final readonly class OtherAmountAnswer
{
    /** @param  string  $food  its id in the pantry */
    public function __construct(public string $food, public string $words, public float $grams, public ?float $leastGrams, public ?float $mostGrams)
    {
    }
}

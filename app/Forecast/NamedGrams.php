<?php

declare(strict_types=1);

namespace App\Forecast;

use App\Contract\Schema;

#[Schema('NamedGrams')]
final readonly class NamedGrams
{
    public function __construct(public string $name, public float $grams)
    {
    }
}

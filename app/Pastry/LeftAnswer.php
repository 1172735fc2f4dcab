<?php

declare(strict_types=1);

namespace App\Pastry;

use App\Contract\Schema;

/** Something that is left over, and what it can become. */
#[Schema('DoughLeft')]
final readonly class LeftAnswer
{
    public function __construct(public string $says, public float $grams)
    {
    }
}

<?php

declare(strict_types=1);

namespace App\Prep;

use App\Contract\Schema;

#[Schema('Phase')]
final readonly class PhaseAnswer
{
    public function __construct(public string $says, public float $minutes)
    {
    }
}

<?php

declare(strict_types=1);

namespace App\Batch;

use App\Contract\Schema;

#[Schema('AwayWish')]
final readonly class AwayWish
{
    public function __construct(public bool $away)
    {
    }
}

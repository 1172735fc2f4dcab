<?php

declare(strict_types=1);

namespace App\Pastry;

use App\Contract\Schema;
use Hojaldre\Core\Batch\Batch;

#[Schema('PastryWish')]
final readonly class PastryWish
{
    public function __construct(public Batch $batch)
    {
    }
}

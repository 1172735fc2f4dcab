<?php

declare(strict_types=1);

namespace App\Prep;

use App\Contract\Schema;
use Hojaldre\Core\Batch\Batch;

#[Schema('PrepWish')]
final readonly class PrepWish
{
    public function __construct(public Batch $batch)
    {
    }
}

<?php

declare(strict_types=1);

namespace App\Batch;

use App\Contract\Schema;

#[Schema('Batches')]
final readonly class BatchList
{
    /** @param  list<BatchSummary>  $batches */
    public function __construct(public array $batches)
    {
    }
}

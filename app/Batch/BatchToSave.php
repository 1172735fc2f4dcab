<?php

declare(strict_types=1);

namespace App\Batch;

use App\Contract\Schema;
use Hojaldre\Core\Batch\Batch;
use Hojaldre\Core\Document\Whole;

#[Schema('SaveBatch')]
final readonly class BatchToSave
{
    /** @param  int  $basedOn  number of the revision that was changed; 0 for a new batch */
    public function __construct(#[Whole(0, 1000000)] public int $basedOn, public Batch $batch)
    {
    }
}

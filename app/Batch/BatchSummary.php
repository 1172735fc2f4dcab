<?php

declare(strict_types=1);

namespace App\Batch;

use App\Contract\Schema;

#[Schema('BatchSummary')]
final readonly class BatchSummary
{
    /**
     * @param  string  $id  uuid
     * @param  int  $pies  different ones
     * @param  int  $pieces  tins and folded pieces
     * @param  string  $savedAt  date and time, ISO 8601
     */
    private function __construct(public string $id, public string $name, public int $pies, public int $pieces, public string $savedBy, public string $savedAt)
    {
    }

    public static function of(StoredBatch $stored): self
    {
        $batch = $stored->document();

        return new self(
            $stored->id, $stored->name, count($batch->lines), (int) array_sum(array_map(static fn ($line): int => $line->count, $batch->lines)),
            $stored->saved_by, $stored->updated_at->toIso8601String(),
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Batch;

use App\Contract\Json;
use App\Contract\Schema;
use App\Kitchen\Kitchen;
use App\Wording\Words;
use Hojaldre\Core\Batch\Batch;
use Hojaldre\Core\Batch\PieOfBatch;
use Illuminate\Http\JsonResponse;

/** A batch with what its pies are called. */
#[Schema('StoredBatch')]
final readonly class BatchAnswer
{
    /**
     * @param  string  $id  uuid
     * @param  string  $savedAt  date and time, ISO 8601
     * @param  list<BatchLineAnswer>  $lines  in the order of the batch
     */
    private function __construct(
        public string $id,
        public int $revision,
        public string $savedBy,
        public string $savedAt,
        public Batch $batch,
        public array $lines,
    ) {
    }

    public static function of(Kitchen $kitchen, StoredBatch $stored, Words $words): JsonResponse
    {
        $batch = $stored->document();

        return Json::response(new self(
            $stored->id, $stored->revision, $stored->saved_by, $stored->updated_at->toIso8601String(), $batch,
            array_map(static fn (PieOfBatch $one): BatchLineAnswer => BatchLineAnswer::of($one, $words), BatchPies::of($kitchen, $batch)),
        ));
    }
}

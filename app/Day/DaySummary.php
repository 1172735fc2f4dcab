<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Schema;

#[Schema('DaySummary')]
final readonly class DaySummary
{
    /**
     * @param  string  $id  uuid
     * @param  string  $date  year, month and day
     * @param  string|null  $batch  uuid of the batch that it bakes
     * @param  string  $savedAt  date and time, ISO 8601
     */
    private function __construct(public string $id, public string $name, public string $date, public ?string $batch, public string $savedBy, public string $savedAt)
    {
    }

    public static function of(StoredDay $stored): self
    {
        return new self($stored->id, $stored->name, $stored->date->format('Y-m-d'), $stored->batch_id, $stored->saved_by, $stored->updated_at->toIso8601String());
    }
}

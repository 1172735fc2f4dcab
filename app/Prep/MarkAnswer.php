<?php

declare(strict_types=1);

namespace App\Prep;

use App\Contract\Schema;

#[Schema('Mark')]
final readonly class MarkAnswer
{
    /** @param  string  $markedAt  date and time, ISO 8601 */
    private function __construct(
        public string $act,
        public int $goesDone,
        public bool $isDone,
        public ?float $tareGrams,
        public ?float $readsGrams,
        public string $markedBy,
        public string $markedAt,
    ) {
    }

    public static function of(PrepMark $one): self
    {
        return new self($one->act, $one->goes_done, $one->is_done, $one->tare_grams, $one->reads_grams, $one->marked_by, $one->marked_at->toIso8601String());
    }
}

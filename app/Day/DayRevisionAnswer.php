<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Schema;

#[Schema('DayRevision')]
final readonly class DayRevisionAnswer
{
    /** @param  string  $savedAt  date and time, ISO 8601 */
    private function __construct(public int $number, public string $savedBy, public string $savedAt)
    {
    }

    public static function of(DayRevision $one): self
    {
        return new self($one->number, $one->saved_by, $one->saved_at->toIso8601String());
    }
}

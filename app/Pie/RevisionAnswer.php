<?php

declare(strict_types=1);

namespace App\Pie;

use App\Contract\Schema;

#[Schema('Revision')]
final readonly class RevisionAnswer
{
    /**
     * @param  string  $name  the name the pie had then
     * @param  string  $savedAt  date and time, ISO 8601
     */
    private function __construct(public int $number, public string $name, public string $savedBy, public string $savedAt)
    {
    }

    public static function of(PieRevision $revision): self
    {
        $name = $revision->design['name'] ?? '';

        return new self($revision->number, is_string($name) ? $name : '', $revision->saved_by, $revision->saved_at->toIso8601String());
    }
}

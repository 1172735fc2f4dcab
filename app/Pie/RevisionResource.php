<?php

declare(strict_types=1);

namespace App\Pie;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Revision', required: ['number', 'name', 'savedBy', 'savedAt'], properties: [
    new OA\Property(property: 'number', type: 'integer', minimum: 1),
    new OA\Property(property: 'name', type: 'string', description: 'the name the pie had then'),
    new OA\Property(property: 'savedBy', type: 'string'),
    new OA\Property(property: 'savedAt', type: 'string', format: 'date-time'),
])]
final readonly class RevisionResource
{
    /** @return array<string, mixed> */
    public static function of(PieRevision $revision): array
    {
        return [
            'number' => $revision->number,
            'name' => $revision->design['name'] ?? '',
            'savedBy' => $revision->saved_by,
            'savedAt' => $revision->saved_at->toIso8601String(),
        ];
    }
}

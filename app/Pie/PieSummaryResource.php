<?php

declare(strict_types=1);

namespace App\Pie;

use Hojaldre\Core\Forecast\Section;
use Hojaldre\Core\Forecast\Weights;
use OpenApi\Attributes as OA;

/** A pie as the list shows it: its section, and the word of each reading. */
#[OA\Schema(schema: 'PieSummary', required: ['id', 'name', 'archived', 'revision', 'tinLabel', 'portions', 'section', 'verdicts'], properties: [
    new OA\Property(property: 'id', type: 'string', format: 'uuid'),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'archived', type: 'boolean'),
    new OA\Property(property: 'revision', ref: '#/components/schemas/Revision'),
    new OA\Property(property: 'tinLabel', type: 'string'),
    new OA\Property(property: 'portions', type: 'integer'),
    new OA\Property(property: 'section', ref: '#/components/schemas/Section'),
    new OA\Property(property: 'verdicts', type: 'array', items: new OA\Items(
        type: 'object', required: ['name', 'verdict', 'state'],
        properties: [
            new OA\Property(property: 'name', ref: '#/components/schemas/ReadingName'),
            new OA\Property(property: 'verdict', type: 'string'),
            new OA\Property(property: 'state', ref: '#/components/schemas/ReadingState'),
        ],
    )),
])]
#[OA\Schema(schema: 'PieList', required: ['pies'], properties: [
    new OA\Property(property: 'pies', type: 'array', items: new OA\Items(ref: '#/components/schemas/PieSummary')),
])]
final readonly class PieSummaryResource
{
    /** @return array<string, mixed> */
    public static function of(StoredPie $stored, PieRevision $revision): array
    {
        $pie = $revision->pie();

        return [
            'id' => $stored->id,
            'name' => $stored->name,
            'archived' => $stored->archived_at !== null,
            'revision' => RevisionResource::of($revision),
            'tinLabel' => $pie->tin->label(),
            'portions' => $pie->portions,
            'section' => Section::of(Weights::of($pie))->toArray(),
            'verdicts' => $stored->verdictsOf($revision),
        ];
    }
}

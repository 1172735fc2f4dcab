<?php

declare(strict_types=1);

namespace App\Pie;

use Hojaldre\Core\Forecast\Forecast;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** A pie with its design and what it will do. */
#[OA\Schema(schema: 'Pie', required: ['id', 'archived', 'revision', 'design', 'forecast'], properties: [
    new OA\Property(property: 'id', type: 'string', format: 'uuid'),
    new OA\Property(property: 'archived', type: 'boolean'),
    new OA\Property(property: 'revision', ref: '#/components/schemas/Revision'),
    new OA\Property(property: 'design', ref: '#/components/schemas/PieDesign'),
    new OA\Property(property: 'forecast', ref: '#/components/schemas/Forecast'),
])]
final readonly class PieResource
{
    public static function of(StoredPie $stored, ?PieRevision $revision = null, int $status = 200): JsonResponse
    {
        $revision ??= $stored->newest();
        $pie = $revision->pie();
        $forecast = Forecast::of($pie);
        if ($revision->number === $stored->revision) {
            $stored->keepVerdicts($forecast, $revision->number);
        }

        return new JsonResponse([
            'id' => $stored->id,
            'archived' => $stored->archived_at !== null,
            'revision' => RevisionResource::of($revision),
            'design' => $pie->toArray(),
            'forecast' => $forecast->toArray(),
        ], $status);
    }
}

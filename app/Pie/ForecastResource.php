<?php

declare(strict_types=1);

namespace App\Pie;

use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Forecast\Readings\Readings;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** A forecast as the core gives it; the same JSON as `hojaldre forecast` prints. */
#[OA\Schema(schema: 'ReadingName', type: 'string', enum: Readings::ORDER)]
#[OA\Schema(schema: 'ReadingState', type: 'string', enum: ['seated', 'spilling', 'on-the-rim', 'unknown'], description: 'inside with its range; inside, range not; outside; something is missing')]
#[OA\Schema(schema: 'Change', required: ['at', 'to'], properties: [
    new OA\Property(property: 'at', type: 'string', description: 'JSON pointer into the design'),
    new OA\Property(property: 'to', description: 'what stands there afterwards'),
])]
#[OA\Schema(schema: 'Effect', required: ['name', 'unit', 'decimals', 'from', 'to', 'verdictBefore', 'verdictAfter'], properties: [
    new OA\Property(property: 'name', ref: '#/components/schemas/ReadingName'),
    new OA\Property(property: 'unit', type: 'string'),
    new OA\Property(property: 'decimals', type: 'integer'),
    new OA\Property(property: 'from', type: 'number', nullable: true),
    new OA\Property(property: 'to', type: 'number', nullable: true),
    new OA\Property(property: 'verdictBefore', type: 'string'),
    new OA\Property(property: 'verdictAfter', type: 'string'),
])]
#[OA\Schema(schema: 'WayOut', required: ['id', 'act', 'clears', 'low', 'high', 'changes', 'effects'], properties: [
    new OA\Property(property: 'id', type: 'string'),
    new OA\Property(property: 'act', type: 'string', description: 'what the cook does'),
    new OA\Property(property: 'clears', type: 'boolean', description: 'whether the reading is inside its limits afterwards'),
    new OA\Property(property: 'low', type: 'number', nullable: true),
    new OA\Property(property: 'high', type: 'number', nullable: true),
    new OA\Property(property: 'changes', type: 'array', items: new OA\Items(ref: '#/components/schemas/Change')),
    new OA\Property(property: 'effects', type: 'array', items: new OA\Items(ref: '#/components/schemas/Effect')),
])]
#[OA\Schema(schema: 'Reading', required: ['name', 'unit', 'decimals', 'value', 'low', 'high', 'limits', 'scale', 'state', 'verdict', 'reason', 'waysOut'], properties: [
    new OA\Property(property: 'name', ref: '#/components/schemas/ReadingName'),
    new OA\Property(property: 'unit', type: 'string'),
    new OA\Property(property: 'decimals', type: 'integer', description: 'digits that mean something'),
    new OA\Property(property: 'value', type: 'number', nullable: true),
    new OA\Property(property: 'low', type: 'number', nullable: true, description: 'of 8 bakes in 10'),
    new OA\Property(property: 'high', type: 'number', nullable: true, description: 'of 8 bakes in 10'),
    new OA\Property(property: 'limits', type: 'object', required: ['lower', 'lowerName', 'upper', 'upperName'], properties: [
        new OA\Property(property: 'lower', type: 'number', nullable: true),
        new OA\Property(property: 'lowerName', type: 'string'),
        new OA\Property(property: 'upper', type: 'number', nullable: true),
        new OA\Property(property: 'upperName', type: 'string'),
    ]),
    new OA\Property(property: 'scale', type: 'object', required: ['from', 'to'], properties: [
        new OA\Property(property: 'from', type: 'number'),
        new OA\Property(property: 'to', type: 'number'),
    ]),
    new OA\Property(property: 'state', ref: '#/components/schemas/ReadingState'),
    new OA\Property(property: 'verdict', type: 'string'),
    new OA\Property(property: 'reason', type: 'string'),
    new OA\Property(property: 'waysOut', type: 'array', nullable: true, description: 'null while they were not searched for; ask for them', items: new OA\Items(ref: '#/components/schemas/WayOut')),
])]
#[OA\Schema(schema: 'Section', description: 'Half section, mm from the axis and from the floor of the tin.', required: ['form', 'lid', 'across', 'tin', 'layers', 'custardLineMm', 'fillTopMm', 'headroomMm'], properties: [
    new OA\Property(property: 'form', type: 'string', enum: ['open', 'double-crust', 'lattice', 'pot-pie', 'folded']),
    new OA\Property(property: 'lid', nullable: true, oneOf: [new OA\Schema(ref: '#/components/schemas/Lid')]),
    new OA\Property(property: 'across', type: 'string', description: 'which way it is cut, where that is not plain; else empty'),
    new OA\Property(property: 'tin', type: 'object', required: ['depthMm', 'floorRadiusMm', 'rimRadiusMm', 'crustMm', 'linedFloorRadiusMm', 'linedRimRadiusMm'], properties: [
        new OA\Property(property: 'depthMm', type: 'number'),
        new OA\Property(property: 'floorRadiusMm', type: 'number'),
        new OA\Property(property: 'rimRadiusMm', type: 'number'),
        new OA\Property(property: 'crustMm', type: 'number'),
        new OA\Property(property: 'linedFloorRadiusMm', type: 'number'),
        new OA\Property(property: 'linedRimRadiusMm', type: 'number'),
    ]),
    new OA\Property(property: 'layers', type: 'array', items: new OA\Items(ref: '#/components/schemas/SectionLayer')),
    new OA\Property(property: 'custardLineMm', type: 'number', nullable: true),
    new OA\Property(property: 'fillTopMm', type: 'number'),
    new OA\Property(property: 'headroomMm', type: 'number', description: 'negative above the rim'),
])]
#[OA\Schema(schema: 'SectionLayer', required: ['id', 'kind', 'texture', 'bottomMm', 'topMm', 'packing', 'waterPercent', 'crumbs'], properties: [
    new OA\Property(property: 'id', type: 'string'),
    new OA\Property(property: 'kind', type: 'string', enum: ['solid', 'custard', 'absorbent']),
    new OA\Property(property: 'texture', type: 'string'),
    new OA\Property(property: 'bottomMm', type: 'number'),
    new OA\Property(property: 'topMm', type: 'number'),
    new OA\Property(property: 'packing', type: 'number', description: 'share that is the food and not gaps, 0 to 1'),
    new OA\Property(property: 'waterPercent', type: 'number', description: 'wet basis'),
    new OA\Property(property: 'crumbs', type: 'boolean'),
])]
#[OA\Schema(schema: 'Ledger', description: 'Where the water goes, g; it closes.', required: ['layers', 'looseGrams', 'absorbedGrams', 'freeGrams', 'intoBaseGrams', 'intoFillingGrams'], properties: [
    new OA\Property(property: 'layers', type: 'array', items: new OA\Items(
        type: 'object', required: ['id', 'stepLossesGrams', 'boughtGrams', 'drivenOffGrams', 'nowGrams', 'floorGrams', 'weepGrams', 'boundGrams', 'freeGrams'],
        properties: [
            new OA\Property(property: 'id', type: 'string'),
            new OA\Property(property: 'stepLossesGrams', type: 'array', description: 'driven off by each step', items: new OA\Items(type: 'number')),
            new OA\Property(property: 'boughtGrams', type: 'number'),
            new OA\Property(property: 'drivenOffGrams', type: 'number'),
            new OA\Property(property: 'nowGrams', type: 'number'),
            new OA\Property(property: 'floorGrams', type: 'number', description: 'no oven brings it lower'),
            new OA\Property(property: 'weepGrams', type: 'number'),
            new OA\Property(property: 'boundGrams', type: 'number'),
            new OA\Property(property: 'freeGrams', type: 'number'),
        ],
    )),
    new OA\Property(property: 'looseGrams', type: 'number', description: 'weeps and is not held by a binder'),
    new OA\Property(property: 'absorbedGrams', type: 'number', description: 'taken up by strewn layers'),
    new OA\Property(property: 'freeGrams', type: 'number', description: 'the rest'),
    new OA\Property(property: 'intoBaseGrams', type: 'number'),
    new OA\Property(property: 'intoFillingGrams', type: 'number'),
])]
#[OA\Schema(schema: 'Forecast', required: ['name', 'readings', 'weights', 'bake', 'ledger', 'salt', 'section', 'tinLabel', 'allergens', 'assumptions', 'cautions'], properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'bake', nullable: true, description: 'null while there is nothing to bake, and in a rough answer', oneOf: [new OA\Schema(ref: '#/components/schemas/BakeReport')]),
    new OA\Property(property: 'readings', type: 'array', minItems: 6, maxItems: 6, items: new OA\Items(ref: '#/components/schemas/Reading')),
    new OA\Property(property: 'weights', type: 'object', required: ['crustGrams', 'fillingGrams', 'intoTheOvenGrams', 'portionGrams'], properties: [
        new OA\Property(property: 'crustGrams', type: 'number', description: 'raw dough in the tin, trimmed'),
        new OA\Property(property: 'fillingGrams', type: 'number'),
        new OA\Property(property: 'intoTheOvenGrams', type: 'number'),
        new OA\Property(property: 'portionGrams', type: 'number', description: 'before baking'),
    ]),
    new OA\Property(property: 'ledger', ref: '#/components/schemas/Ledger'),
    new OA\Property(property: 'salt', type: 'object', required: ['grams', 'portionGrams', 'sources'], properties: [
        new OA\Property(property: 'grams', type: 'number', description: 'in the whole filling'),
        new OA\Property(property: 'portionGrams', type: 'number'),
        new OA\Property(property: 'sources', type: 'array', items: new OA\Items(ref: '#/components/schemas/NamedGrams')),
    ]),
    new OA\Property(property: 'section', ref: '#/components/schemas/Section'),
    new OA\Property(property: 'tinLabel', type: 'string'),
    new OA\Property(property: 'allergens', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'assumptions', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'cautions', type: 'array', items: new OA\Items(type: 'string')),
])]
final readonly class ForecastResource
{
    public static function of(Forecast $forecast): JsonResponse
    {
        return new JsonResponse($forecast->toArray());
    }
}

<?php

declare(strict_types=1);

namespace App\Pie;

use Hojaldre\Core\Bake\Cue;
use OpenApi\Attributes as OA;

/** The simulated bake as the core gives it: its report, and its film for the cutaway that moves. */
#[OA\Schema(schema: 'BakeEvent', required: ['name', 'minute', 'low', 'high', 'isInPlan', 'cue'], properties: [
    new OA\Property(property: 'name', type: 'string', enum: Cue::EVENTS),
    new OA\Property(property: 'minute', type: 'number', description: 'since it went in filled'),
    new OA\Property(property: 'low', type: 'number', description: 'of 8 bakes in 10'),
    new OA\Property(property: 'high', type: 'number'),
    new OA\Property(property: 'isInPlan', type: 'boolean', description: 'false where it would come only if it stayed in'),
    new OA\Property(property: 'cue', type: 'string', description: 'what the cook sees, feels or measures'),
])]
#[OA\Schema(schema: 'BakeStage', required: ['name', 'from', 'to', 'ovenCelsius', 'mode', 'look'], properties: [
    new OA\Property(property: 'name', type: 'string', enum: ['weighted', 'propped', 'bare', 'bake', 'rest']),
    new OA\Property(property: 'from', type: 'number', description: 'min since the first stage began'),
    new OA\Property(property: 'to', type: 'number'),
    new OA\Property(property: 'ovenCelsius', type: 'number', nullable: true),
    new OA\Property(property: 'mode', type: 'string'),
    new OA\Property(property: 'look', type: 'string', description: 'how a shell looks at its end'),
])]
#[OA\Schema(schema: 'BakeCurves', description: 'over the minutes in the oven filled; °C, and % wet basis', required: ['minutes', 'centre', 'edge', 'base', 'rim', 'basePercent'], properties: [
    new OA\Property(property: 'minutes', type: 'array', items: new OA\Items(type: 'number')),
    new OA\Property(property: 'centre', type: 'array', items: new OA\Items(type: 'number')),
    new OA\Property(property: 'edge', type: 'array', items: new OA\Items(type: 'number')),
    new OA\Property(property: 'base', type: 'array', items: new OA\Items(type: 'number')),
    new OA\Property(property: 'rim', type: 'array', items: new OA\Items(type: 'number')),
    new OA\Property(property: 'basePercent', type: 'array', items: new OA\Items(type: 'number')),
])]
#[OA\Schema(schema: 'BakeReport', required: ['minutes', 'setsAtCelsius', 'wantedCelsius', 'stages', 'events', 'curves', 'colours', 'lostGrams', 'setPercent', 'overPercent', 'carriesOverKelvins', 'soakMm', 'cooling'], properties: [
    new OA\Property(property: 'minutes', type: 'number', description: 'planned in the oven filled'),
    new OA\Property(property: 'setsAtCelsius', type: 'number', nullable: true, description: 'null where nothing has to set'),
    new OA\Property(property: 'wantedCelsius', type: 'number', description: 'at the coldest point, to be safe'),
    new OA\Property(property: 'stages', type: 'array', items: new OA\Items(ref: '#/components/schemas/BakeStage')),
    new OA\Property(property: 'events', type: 'array', items: new OA\Items(ref: '#/components/schemas/BakeEvent')),
    new OA\Property(property: 'curves', ref: '#/components/schemas/BakeCurves'),
    new OA\Property(property: 'colours', type: 'array', items: new OA\Items(type: 'object', required: ['where', 'brown', 'word'], properties: [
        new OA\Property(property: 'where', type: 'string'),
        new OA\Property(property: 'brown', type: 'number', description: '1 is golden'),
        new OA\Property(property: 'word', type: 'string'),
    ])),
    new OA\Property(property: 'lostGrams', type: 'number', description: 'what it weighs less when it comes out'),
    new OA\Property(property: 'setPercent', type: 'number'),
    new OA\Property(property: 'overPercent', type: 'number'),
    new OA\Property(property: 'carriesOverKelvins', type: 'number', description: 'how much warmer the middle still gets'),
    new OA\Property(property: 'soakMm', type: 'number', description: 'how deep the base is soggy'),
    new OA\Property(property: 'cooling', type: 'object', required: ['below57Minutes', 'below21Minutes', 'below5Minutes', 'isWithinLimits', 'says'], properties: [
        new OA\Property(property: 'below57Minutes', type: 'number', nullable: true),
        new OA\Property(property: 'below21Minutes', type: 'number', nullable: true),
        new OA\Property(property: 'below5Minutes', type: 'number', nullable: true),
        new OA\Property(property: 'isWithinLimits', type: 'boolean'),
        new OA\Property(property: 'says', type: 'string'),
    ]),
])]
#[OA\Schema(schema: 'BakeFilm', required: ['setsAtCelsius', 'grid', 'frames'], properties: [
    new OA\Property(property: 'setsAtCelsius', type: 'number', nullable: true),
    new OA\Property(property: 'grid', type: 'object', required: ['columns', 'rows', 'fillColumns', 'sideColumns', 'baseRows', 'fillFrom', 'fillTo', 'widthsMm', 'heightsMm', 'kinds'], properties: [
        new OA\Property(property: 'columns', type: 'integer'),
        new OA\Property(property: 'rows', type: 'integer'),
        new OA\Property(property: 'fillColumns', type: 'integer'),
        new OA\Property(property: 'sideColumns', type: 'integer'),
        new OA\Property(property: 'baseRows', type: 'integer'),
        new OA\Property(property: 'fillFrom', type: 'integer'),
        new OA\Property(property: 'fillTo', type: 'integer'),
        new OA\Property(property: 'widthsMm', type: 'array', items: new OA\Items(type: 'number')),
        new OA\Property(property: 'heightsMm', type: 'array', items: new OA\Items(type: 'number')),
        new OA\Property(property: 'kinds', type: 'array', description: 'by row from below, each from the axis', items: new OA\Items(type: 'string', enum: ['filling', 'crust', 'lid', 'tin', 'topping'])),
    ]),
    new OA\Property(property: 'frames', type: 'array', items: new OA\Items(ref: '#/components/schemas/BakeFrame')),
])]
#[OA\Schema(schema: 'BakeFrame', required: ['stage', 'minute', 'celsius', 'waterPercent', 'setPercent', 'topBrown', 'rimBrown', 'underBrown', 'insideBrown'], properties: [
    new OA\Property(property: 'stage', type: 'string', enum: ['weighted', 'propped', 'bare', 'filled', 'bake', 'rest']),
    new OA\Property(property: 'minute', type: 'number', description: 'since the first stage began'),
    new OA\Property(property: 'celsius', type: 'array', items: new OA\Items(type: 'integer')),
    new OA\Property(property: 'waterPercent', type: 'array', items: new OA\Items(type: 'integer')),
    new OA\Property(property: 'setPercent', type: 'array', description: '0 liquid, 100 set, on to 200 over-cooked', items: new OA\Items(type: 'integer')),
    new OA\Property(property: 'topBrown', type: 'array', description: 'by column', items: new OA\Items(type: 'number')),
    new OA\Property(property: 'rimBrown', type: 'number'),
    new OA\Property(property: 'underBrown', type: 'number'),
    new OA\Property(property: 'insideBrown', type: 'number'),
])]
#[OA\Schema(schema: 'FilmedBake', required: ['film'], properties: [
    new OA\Property(property: 'film', nullable: true, description: 'null while there is nothing to bake', oneOf: [new OA\Schema(ref: '#/components/schemas/BakeFilm')]),
])]
final readonly class BakeResource
{
}

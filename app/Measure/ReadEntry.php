<?php

declare(strict_types=1);

namespace App\Measure;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use Hojaldre\Core\Refusal\Refused;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Entry', required: ['words', 'value', 'unit', 'said', 'others', 'mode'], properties: [
    new OA\Property(property: 'words', type: 'string', description: 'as written'),
    new OA\Property(property: 'value', type: 'number', description: 'in the unit named'),
    new OA\Property(property: 'unit', type: 'string', enum: ['g', 'ml', 'mm', '°C', 'min']),
    new OA\Property(property: 'said', type: 'string', description: 'how it was worked out; empty where there was nothing to work out'),
    new OA\Property(property: 'others', type: 'array', description: 'amounts of other foods in the same words, such as "3 large + 1 yolk"', items: new OA\Items(
        type: 'object', required: ['food', 'words', 'grams'],
        properties: [
            new OA\Property(property: 'food', type: 'string', description: 'its id in the pantry'),
            new OA\Property(property: 'words', type: 'string'),
            new OA\Property(property: 'grams', type: 'number'),
        ],
    )),
    new OA\Property(property: 'mode', type: 'string', nullable: true, description: 'static or fan, where an oven was written with it: "160 °C fan"'),
])]
final class ReadEntry
{
    #[OA\Post(path: '/kitchens/{kitchen}/entries', operationId: 'readEntry', summary: "Turn a cook's words for an amount into a number.", tags: ['Measure'], requestBody: new Body('EntryWords'), responses: [
        new Answer(200, 'What it comes to', 'Entry'),
        new Answer(401, 'Not signed in', 'Problem'),
        new Answer(404, 'Not your kitchen', 'Problem'),
        new Answer(422, 'Not understood, with what to write instead', 'Problem'),
    ])]
    #[InPath]
    public function __invoke(ReadEntryRequest $request): JsonResponse
    {
        try {
            return new JsonResponse($request->entry()->toArray());
        } catch (Refused $refused) {
            throw Refused::with(array_map(static fn ($one) => $one->under($one->at === '' ? '/words' : ''), $refused->refusals));
        }
    }
}

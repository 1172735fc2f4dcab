<?php

declare(strict_types=1);

namespace App\Food;

use App\Contract\Answer;
use App\Contract\InPath;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Food\Preparation;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Preparation', required: ['name', 'how', 'yieldLow', 'yieldHigh', 'minutesLow', 'minutesHigh'], properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'how', type: 'string'),
    new OA\Property(property: 'yieldLow', type: 'number', description: 'share of the bought weight left, 0 to 1'),
    new OA\Property(property: 'yieldHigh', type: 'number', description: 'share of the bought weight left, 0 to 1'),
    new OA\Property(property: 'minutesLow', type: 'integer'),
    new OA\Property(property: 'minutesHigh', type: 'integer'),
])]
#[OA\Schema(schema: 'Foods', required: ['foods'], properties: [
    new OA\Property(property: 'foods', type: 'array', items: new OA\Items(
        type: 'object', required: ['food', 'preparations'],
        properties: [
            new OA\Property(property: 'food', ref: '#/components/schemas/Food'),
            new OA\Property(property: 'preparations', type: 'array', items: new OA\Items(ref: '#/components/schemas/Preparation')),
        ],
    )),
])]
final class ListFoods
{
    #[OA\Get(path: '/kitchens/{kitchen}/foods', operationId: 'listFoods', summary: 'The foods of the pantry, with their preparations.', tags: ['Food'], responses: [
        new Answer(200, 'All of them', 'Foods'),
        new Answer(401, 'Not signed in', 'Problem'),
        new Answer(404, 'Not your kitchen', 'Problem'),
    ])]
    #[InPath]
    public function __invoke(): JsonResponse
    {
        return new JsonResponse(['foods' => array_map(static fn (Food $food): array => [
            'food' => $food->toArray(),
            'preparations' => array_map(static fn (Preparation $one): array => $one->toArray(), Pantry::preparations($food->id)),
        ], Pantry::all())]);
    }
}

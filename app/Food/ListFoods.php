<?php

declare(strict_types=1);

namespace App\Food;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use Hojaldre\Core\Food\EggSizes;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\OwnFood;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Food\Preparation;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Preparation', required: ['name', 'how', 'yieldLow', 'yieldHigh', 'minutesLow', 'minutesHigh'], properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'how', type: 'string'),
    new OA\Property(property: 'yieldLow', type: 'number', description: 'share of the bought weight left, 0 to 1'),
    new OA\Property(property: 'yieldHigh', type: 'number', description: 'share of the bought weight left, 0 to 1'),
    new OA\Property(property: 'minutesLow', type: 'integer'),
    new OA\Property(property: 'minutesHigh', type: 'integer'),
])]
#[OA\Schema(schema: 'StoredFood', required: ['food', 'preparations', 'label', 'pricePerKg'], properties: [
    new OA\Property(property: 'food', ref: '#/components/schemas/Food'),
    new OA\Property(property: 'preparations', type: 'array', items: new OA\Items(ref: '#/components/schemas/Preparation')),
    new OA\Property(property: 'label', nullable: true, description: "what its packet says, of a food of the kitchen's own; null for the standard pantry", oneOf: [new OA\Schema(ref: '#/components/schemas/FoodLabel')]),
    new OA\Property(property: 'pricePerKg', type: 'number', nullable: true, description: "in the kitchen's money"),
])]
#[OA\Schema(schema: 'Foods', required: ['foods'], properties: [
    new OA\Property(property: 'foods', type: 'array', items: new OA\Items(ref: '#/components/schemas/StoredFood')),
])]
final class ListFoods
{
    #[OA\Get(path: '/kitchens/{kitchen}/foods', operationId: 'listFoods', summary: "The kitchen's own foods and the standard pantry, with preparations and prices; eggs in the person's sizes.", tags: ['Food'], responses: [
        new Answer(200, 'All of them', 'Foods'),
        new Answer(401, 'Not signed in', 'Problem'),
        new Answer(404, 'Not your kitchen', 'Problem'),
    ])]
    #[InPath]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $kept = KitchenFood::of(InKitchen::of($request));
        $own = array_values(array_filter(array_map(static fn (KitchenFood $one): ?Food => $one->asFood(), $kept)));
        $row = static fn (Food $food, bool $isOwn): array => [
            'food' => EggSizes::apply($food, $user->eggs)->toArray(),
            'preparations' => array_map(static fn (Preparation $one): array => $one->toArray(), Pantry::preparations($food->id)),
            'label' => $isOwn ? OwnFood::label($food) : null,
            'pricePerKg' => $kept[$food->id]->price_per_kg ?? null,
        ];

        return new JsonResponse(['foods' => [
            ...array_map(static fn (Food $food): array => $row($food, true), $own),
            ...array_map(static fn (Food $food): array => $row($food, false), Pantry::all()),
        ]]);
    }
}

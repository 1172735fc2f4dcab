<?php

declare(strict_types=1);

namespace App\Pie;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Food\KitchenFood;
use App\Kitchen\InKitchen;
use Hojaldre\Core\Forecast\Bill;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Bill', required: ['tins', 'lines', 'cost', 'costOfAPortion', 'unpriced'], properties: [
    new OA\Property(property: 'tins', type: 'integer'),
    new OA\Property(property: 'lines', type: 'array', items: new OA\Items(
        type: 'object', required: ['food', 'name', 'words', 'grams', 'cost'],
        properties: [
            new OA\Property(property: 'food', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'words', type: 'string'),
            new OA\Property(property: 'grams', type: 'number', description: 'as bought'),
            new OA\Property(property: 'cost', type: 'number', nullable: true),
        ],
    )),
    new OA\Property(property: 'cost', type: 'number', nullable: true, description: "of what has a price, in the kitchen's money"),
    new OA\Property(property: 'costOfAPortion', type: 'number', nullable: true),
    new OA\Property(property: 'unpriced', type: 'integer', description: 'lines without a price'),
])]
final class ShowBill
{
    #[OA\Post(path: '/kitchens/{kitchen}/bill', operationId: 'showBill', summary: 'All that goes into so many tins of a design, as bought, with its cost.', tags: ['Pie'], requestBody: new Body('BillWish'), responses: [
        new Answer(200, 'The bill of ingredients', 'Bill'),
        new Answer(401, 'Not signed in', 'Problem'),
        new Answer(404, 'Not your kitchen', 'Problem'),
        new Answer(422, 'The design or the number is refused', 'Problem'),
    ])]
    #[InPath]
    public function __invoke(BillRequest $request): JsonResponse
    {
        $prices = array_map(static fn (KitchenFood $one): ?float => $one->price_per_kg, KitchenFood::of(InKitchen::of($request)));

        return new JsonResponse(Bill::of($request->pie(), $request->integer('tins'), array_filter($prices, static fn (?float $price): bool => $price !== null))->toArray());
    }
}

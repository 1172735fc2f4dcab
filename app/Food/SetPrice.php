<?php

declare(strict_types=1);

namespace App\Food;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Kitchen\InKitchen;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class SetPrice
{
    #[OA\Put(path: '/kitchens/{kitchen}/foods/{food}/price', operationId: 'setPrice', summary: 'What the kitchen pays for a food.', tags: ['Food'], requestBody: new Body('Price'), responses: [
        new Answer(200, 'Kept', 'Ok'),
        new Answer(401, 'Not signed in', 'Problem'),
        new Answer(403, 'Guests may not', 'Problem'),
        new Answer(404, 'Not your kitchen', 'Problem'),
        new Answer(422, 'Not a price', 'Problem'),
    ])]
    #[InPath]
    #[InPath('food', format: null)]
    public function __invoke(SetPriceRequest $request, string $kitchen, string $food): JsonResponse
    {
        KitchenFood::put(InKitchen::of($request), $food, ['price_per_kg' => $request->input('pricePerKg')]);

        return new JsonResponse(['ok' => true]);
    }
}

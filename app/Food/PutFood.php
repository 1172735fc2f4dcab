<?php

declare(strict_types=1);

namespace App\Food;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Kitchen\InKitchen;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class PutFood
{
    #[OA\Put(path: '/kitchens/{kitchen}/foods/{food}', operationId: 'putFood', summary: "Write down a food of the kitchen's own, or change it; saved pies keep the food they were saved with.", tags: ['Food'], requestBody: new Body('FoodLabel'), responses: [
        new Answer(200, 'Written down', 'Ok'),
        new Answer(401, 'Not signed in', 'Problem'),
        new Answer(403, 'Guests may not', 'Problem'),
        new Answer(404, 'Not your kitchen', 'Problem'),
        new Answer(422, 'The label is refused', 'Problem'),
    ])]
    #[InPath]
    #[InPath('food', format: null)]
    public function __invoke(PutFoodRequest $request, string $kitchen, string $food): JsonResponse
    {
        KitchenFood::put(InKitchen::of($request), $food, ['food' => json_encode($request->food($food)->toArray(), JSON_THROW_ON_ERROR)]);

        return new JsonResponse(['ok' => true]);
    }
}

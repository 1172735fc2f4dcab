<?php

declare(strict_types=1);

namespace App\Food;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Contract\Ok;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use App\People\Deed;
use App\People\KitchenAct;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class SetPrice
{
    #[OA\Put(path: '/kitchens/{kitchen}/foods/{food}/price', operationId: 'setPrice', summary: 'What the kitchen pays for a food.', tags: ['Food'], requestBody: new Body(Price::class), responses: [
        new Answer(200, 'Kept', Ok::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'Not a price'),
    ])]
    #[InPath]
    #[InPath('food', format: null)]
    public function __invoke(Request $request, #[CurrentUser] User $user, string $kitchen, string $food): JsonResponse
    {
        $here = InKitchen::of($request);
        $price = Body::read($request, Price::class)->pricePerKg;
        KitchenFood::put($here, $food, ['price_per_kg' => $price]);
        KitchenAct::note($here, $user->name, Deed::PriceSet, KitchenFood::nameOf($here, $food), $price === null ? 'none' : number_format($price, 2));

        return new JsonResponse(new Ok);
    }
}

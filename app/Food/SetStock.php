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
use Hojaldre\Core\Measure\Figures;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class SetStock
{
    #[OA\Put(path: '/kitchens/{kitchen}/foods/{food}/stock', operationId: 'setStock', summary: 'How much of a food is in the stores.', tags: ['Food'], requestBody: new Body(Stock::class), responses: [
        new Answer(200, 'Kept', Ok::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'Not a weight'),
    ])]
    #[InPath]
    #[InPath('food', format: null)]
    public function __invoke(Request $request, #[CurrentUser] User $user, string $kitchen, string $food): JsonResponse
    {
        $here = InKitchen::of($request);
        $grams = Body::read($request, Stock::class)->stockGrams;
        KitchenFood::put($here, $food, ['stock_grams' => $grams]);
        KitchenAct::note($here, $user->name, Deed::StockCounted, KitchenFood::nameOf($here, $food), $grams === null ? 'none' : Figures::grams($grams));

        return new JsonResponse(new Ok);
    }
}

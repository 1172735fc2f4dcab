<?php

declare(strict_types=1);

namespace App\Food;

use App\Contract\Answer;
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

final class DropFood
{
    #[OA\Delete(path: '/kitchens/{kitchen}/foods/{food}', operationId: 'dropFood', summary: "Take a food of the kitchen's own out of its stores; pies that have it keep it.", tags: ['Food'], responses: [
        new Answer(200, 'Gone, or never there', Ok::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not your kitchen'),
    ])]
    #[InPath]
    #[InPath('food', format: null)]
    public function __invoke(Request $request, #[CurrentUser] User $user, string $kitchen, string $food): JsonResponse
    {
        $here = InKitchen::of($request);
        $name = KitchenFood::nameOf($here, $food);
        if (KitchenFood::query()->where('kitchen_id', $here->id)->where('id', $food)->delete() === 1) {
            KitchenAct::note($here, $user->name, Deed::FoodDropped, $name);
        }

        return new JsonResponse(new Ok);
    }
}

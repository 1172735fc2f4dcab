<?php

declare(strict_types=1);

namespace App\Food;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use Hojaldre\Core\Food\EggSizes;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\OwnFood;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Pie\StartingPlace;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ListFoods
{
    #[OA\Get(path: '/kitchens/{kitchen}/foods', operationId: 'listFoods', summary: "The kitchen's own foods and the standard pantry, with preparations and prices; eggs in the person's sizes.", tags: ['Food'], responses: [
        new Answer(200, 'All of them', FoodList::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
    ])]
    #[InPath]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $kept = KitchenFood::of(InKitchen::of($request));
        $own = array_values(array_filter(array_map(static fn (KitchenFood $one): ?Food => $one->asFood(), $kept)));
        $row = static fn (Food $food, bool $isOwn): StoredFood => new StoredFood(
            EggSizes::apply($food, $user->eggs), Pantry::preparations($food->id), $isOwn ? OwnFood::label($food) : null, $kept[$food->id]->price_per_kg ?? null,
            StartingPlace::of($food)->celsius(), Pantry::names($food->id),
        );

        return Json::response(new FoodList([
            ...array_map(static fn (Food $food): StoredFood => $row($food, true), $own),
            ...array_map(static fn (Food $food): StoredFood => $row($food, false), Pantry::all()),
        ]));
    }
}

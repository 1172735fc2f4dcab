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
use Hojaldre\Core\Food\FoodLabel;
use Hojaldre\Core\Food\OwnFood;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class PutFood
{
    #[OA\Put(path: '/kitchens/{kitchen}/foods/{food}', operationId: 'putFood', summary: "Write down a food of the kitchen's own, or change it; saved pies keep the food they were saved with.", tags: ['Food'], requestBody: new Body(FoodLabel::class), responses: [
        new Answer(200, 'Written down', Ok::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'The label is refused'),
    ])]
    #[InPath]
    #[InPath('food', format: null)]
    public function __invoke(Request $request, #[CurrentUser] User $user, string $kitchen, string $food): JsonResponse
    {
        OwnId::check($food);
        $own = OwnFood::of($food, Body::read($request, FoodLabel::class));
        KitchenFood::putFood(InKitchen::of($request), $own);
        KitchenAct::note(InKitchen::of($request), $user->name, Deed::FoodWritten, $own->name);

        return new JsonResponse(new Ok);
    }
}

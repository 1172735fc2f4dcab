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
use Hojaldre\Core\Food\OwnFood;
use Hojaldre\Core\Refusal\Refused;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/** Where there is no packet, a food is what another one is, under its own name. */
final class LikenFood
{
    #[OA\Put(path: '/kitchens/{kitchen}/foods/{food}/like', operationId: 'likenFood', summary: 'Write down a food that is like another one.', tags: ['Food'], requestBody: new Body(FoodLike::class), responses: [
        new Answer(200, 'Written down', Ok::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'Not a food known here'),
    ])]
    #[InPath]
    #[InPath('food', format: null)]
    public function __invoke(Request $request, #[CurrentUser] User $user, string $kitchen, string $food): JsonResponse
    {
        OwnId::check($food);
        $wish = Body::read($request, FoodLike::class);
        $here = InKitchen::of($request);
        $like = KitchenFood::named($here, $wish->like) ?? throw Refused::because('no-such-food', '/like', ['text' => $wish->like]);
        $own = OwnFood::like($food, $wish->name, $like);
        KitchenFood::putFood($here, $own);
        KitchenAct::note($here, $user->name, Deed::FoodWritten, $own->name);

        return new JsonResponse(new Ok);
    }
}

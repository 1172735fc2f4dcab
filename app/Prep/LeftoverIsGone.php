<?php

declare(strict_types=1);

namespace App\Prep;

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

final class LeftoverIsGone
{
    #[OA\Put(path: '/kitchens/{kitchen}/leftovers/{leftover}/gone', operationId: 'leftoverIsGone', summary: 'It was used or thrown away; or it is there after all.', tags: ['Prep'], requestBody: new Body(GoneWish::class), responses: [
        new Answer(200, 'Kept', Ok::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not in your kitchen'),
        new Answer(422, 'Something in it is refused'),
    ])]
    #[InPath]
    #[InPath('leftover')]
    public function __invoke(Request $request, #[CurrentUser] User $user, string $kitchen, string $leftover): JsonResponse
    {
        $here = InKitchen::of($request);
        $one = KitchenLeftover::inKitchen($here, $leftover);
        $gone = Body::read($request, GoneWish::class)->gone;
        $one->fill(['gone' => $gone === LeftoverGone::There ? null : $gone->value])->save();
        KitchenAct::note($here, $user->name, Deed::LeftoverGone, $one->name, $gone->value);

        return new JsonResponse(new Ok);
    }
}

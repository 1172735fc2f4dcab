<?php

declare(strict_types=1);

namespace App\Day;

use App\Batch\AwayWish;
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

final class PutDayAway
{
    #[OA\Post(path: '/kitchens/{kitchen}/days/{day}/away', operationId: 'putDayAway', summary: 'Put a day away, or take it out again.', tags: ['Day'], requestBody: new Body(AwayWish::class), responses: [
        new Answer(200, 'Done', Ok::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not in your kitchen'),
        new Answer(422, 'Something in it is refused'),
    ])]
    #[InPath]
    #[InPath('day')]
    public function __invoke(Request $request, #[CurrentUser] User $user, string $kitchen, string $day): JsonResponse
    {
        $here = InKitchen::of($request);
        $stored = StoredDay::inKitchen($here, $day);
        $wish = Body::read($request, AwayWish::class);
        $stored->fill(['archived_at' => $wish->away ? now() : null])->save();
        KitchenAct::note($here, $user->name, $wish->away ? Deed::DayPutAway : Deed::DayTakenOut, $stored->name);

        return new JsonResponse(new Ok);
    }
}

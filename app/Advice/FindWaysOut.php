<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use App\Record\AcceptedSalt;
use Hojaldre\Core\Advice\WayOut;
use Hojaldre\Core\Advice\WaysOut;
use Hojaldre\Core\Forecast\Forecast;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class FindWaysOut
{
    #[OA\Post(path: '/kitchens/{kitchen}/ways-out', operationId: 'findWaysOut', summary: 'What mends one reading of a design, found by baking it again.', tags: ['Advice'], requestBody: new Body(WayOutWish::class), responses: [
        new Answer(200, 'The cheapest for the cook first; none where the reading is not in trouble', WayOutList::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'The design or the reading is refused'),
    ])]
    #[InPath]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $wish = Body::read($request, WayOutWish::class);
        $words = $user->words();

        return Json::response(new WayOutList(array_map(
            static fn (WayOut $way): WayOutAnswer => WayOutAnswer::of($way, $words), WaysOut::of(Forecast::of($wish->design), $wish->reading, AcceptedSalt::in(InKitchen::of($request))),
        )));
    }
}

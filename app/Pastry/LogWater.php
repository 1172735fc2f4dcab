<?php

declare(strict_types=1);

namespace App\Pastry;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Contract\Json;
use App\Food\KitchenFood;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use App\People\Deed;
use App\People\KitchenAct;
use Hojaldre\Core\Measure\Figures;
use Hojaldre\Core\Pastry\Dough\WaterLog;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class LogWater
{
    #[OA\Post(path: '/kitchens/{kitchen}/doughs/{dough}/waters', operationId: 'logWater', summary: 'Write down what a dough took; next time it is estimated by it.', tags: ['Pastry'], requestBody: new Body(WaterLog::class), responses: [
        new Answer(200, 'Written down', WaterLogAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'Something in it is refused'),
    ])]
    #[InPath]
    #[InPath('dough', format: null)]
    public function __invoke(Request $request, #[CurrentUser] User $user, string $kitchen, string $dough): JsonResponse
    {
        $here = InKitchen::of($request);
        $log = Body::read($request, WaterLog::class);
        $one = DoughWater::put($here, $dough, $log, $user->name);
        KitchenAct::note($here, $user->name, Deed::WaterLogged, KitchenFood::nameOf($here, $dough), Figures::grams($log->usedGrams()));

        return Json::response(WaterLogAnswer::of($one));
    }
}

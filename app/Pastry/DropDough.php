<?php

declare(strict_types=1);

namespace App\Pastry;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Contract\Ok;
use App\Food\KitchenFood;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use App\People\Deed;
use App\People\KitchenAct;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class DropDough
{
    #[OA\Delete(path: '/kitchens/{kitchen}/doughs/{dough}', operationId: 'dropDough', summary: 'Go back to the usual formula of a dough.', tags: ['Pastry'], responses: [
        new Answer(200, 'Gone, or never there', Ok::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not your kitchen'),
    ])]
    #[InPath]
    #[InPath('dough', format: null)]
    public function __invoke(Request $request, #[CurrentUser] User $user, string $kitchen, string $dough): JsonResponse
    {
        $here = InKitchen::of($request);
        if (KitchenDough::query()->where('kitchen_id', $here->id)->where('id', $dough)->delete() === 1) {
            KitchenAct::note($here, $user->name, Deed::DoughDropped, KitchenFood::nameOf($here, $dough));
        }

        return new JsonResponse(new Ok);
    }
}

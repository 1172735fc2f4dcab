<?php

declare(strict_types=1);

namespace App\Tin;

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

final class DropTin
{
    #[OA\Delete(path: '/kitchens/{kitchen}/tins/{tin}', operationId: 'dropTin', summary: 'Take a tin out of the stores; pies keep what they were saved with.', tags: ['Tin'], responses: [
        new Answer(200, 'Gone, or never there', Ok::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not your kitchen'),
    ])]
    #[InPath]
    #[InPath('tin')]
    public function __invoke(Request $request, #[CurrentUser] User $user, string $kitchen, string $tin): JsonResponse
    {
        $here = InKitchen::of($request);
        $rows = KitchenTin::query()->where('kitchen_id', $here->id)->where('id', $tin);
        $name = $rows->value('name');
        if ($rows->delete() === 1 && is_string($name)) {
            KitchenAct::note($here, $user->name, Deed::TinDropped, $name);
        }

        return new JsonResponse(new Ok);
    }
}

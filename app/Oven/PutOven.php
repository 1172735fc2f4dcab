<?php

declare(strict_types=1);

namespace App\Oven;

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

final class PutOven
{
    #[OA\Put(path: '/kitchens/{kitchen}/ovens/{oven}', operationId: 'putOven', summary: 'Write down an oven, or change it.', tags: ['Oven'], requestBody: new Body(OvenToStore::class), responses: [
        new Answer(200, 'Written down', Ok::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'Something in it is refused'),
    ])]
    #[InPath]
    #[InPath('oven')]
    public function __invoke(Request $request, #[CurrentUser] User $user, string $kitchen, string $oven): JsonResponse
    {
        $put = Body::read($request, OvenToStore::class);
        KitchenOven::put(InKitchen::of($request), $oven, ['name' => $put->name, 'mode' => $put->mode->value, 'runs_by_kelvins' => round($put->runsByKelvins, 1), 'notes' => $put->notes]);

        KitchenAct::note(InKitchen::of($request), $user->name, Deed::OvenWritten, $put->name);

        return new JsonResponse(new Ok);
    }
}

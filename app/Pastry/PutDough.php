<?php

declare(strict_types=1);

namespace App\Pastry;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Contract\Ok;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use App\People\Deed;
use App\People\KitchenAct;
use Hojaldre\Core\Pastry\Dough\Formula;
use Hojaldre\Core\Refusal\Refused;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class PutDough
{
    #[OA\Put(path: '/kitchens/{kitchen}/doughs/{dough}', operationId: 'putDough', summary: "Write the kitchen's own formula of a dough; saved pies keep the dough they were saved with.", tags: ['Pastry'], requestBody: new Body(Formula::class), responses: [
        new Answer(200, 'Written down', Ok::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'The formula is refused'),
    ])]
    #[InPath]
    #[InPath('dough', format: null)]
    public function __invoke(Request $request, #[CurrentUser] User $user, string $kitchen, string $dough): JsonResponse
    {
        $formula = Body::read($request, Formula::class);
        if ($formula->id !== $dough) {
            throw Refused::because('other-dough', '/id', ['dough' => $dough]);
        }
        KitchenDough::put(InKitchen::of($request), $formula);
        KitchenAct::note(InKitchen::of($request), $user->name, Deed::DoughWritten, $formula->name);

        return new JsonResponse(new Ok);
    }
}

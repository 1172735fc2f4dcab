<?php

declare(strict_types=1);

namespace App\People;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Kitchen\InKitchen;
use App\Kitchen\SessionAnswer;
use App\Kitchen\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class NameKitchen
{
    #[OA\Put(path: '/kitchens/{kitchen}/name', operationId: 'nameKitchen', summary: 'Give the kitchen another name.', tags: ['People'], requestBody: new Body(KitchenName::class), responses: [
        new Answer(200, 'The session', SessionAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Only the owner may'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'Not a name'),
    ])]
    #[InPath]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $kitchen = InKitchen::of($request);
        $name = Body::read($request, KitchenName::class)->name;
        KitchenAct::note($kitchen, $user->name, Deed::KitchenNamed, $name, $kitchen->name);
        $kitchen->update(['name' => $name]);

        return SessionAnswer::of($request);
    }
}

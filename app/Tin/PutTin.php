<?php

declare(strict_types=1);

namespace App\Tin;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Contract\Ok;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use App\People\Deed;
use App\People\KitchenAct;
use Hojaldre\Core\Document\DocumentWriter;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class PutTin
{
    #[OA\Put(path: '/kitchens/{kitchen}/tins/{tin}', operationId: 'putTin', summary: 'Write down a tin, or change it.', tags: ['Tin'], requestBody: new Body(TinToStore::class), responses: [
        new Answer(200, 'Written down', Ok::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'Something in it is refused'),
    ])]
    #[InPath]
    #[InPath('tin')]
    public function __invoke(Request $request, #[CurrentUser] User $user, string $kitchen, string $tin): JsonResponse
    {
        $put = Body::read($request, TinToStore::class);
        KitchenTin::put(InKitchen::of($request), $tin, ['name' => $put->name, 'tin' => json_encode(DocumentWriter::write($put->tin), JSON_THROW_ON_ERROR)]);

        KitchenAct::note(InKitchen::of($request), $user->name, Deed::TinWritten, $put->name);

        return new JsonResponse(new Ok);
    }
}

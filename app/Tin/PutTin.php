<?php

declare(strict_types=1);

namespace App\Tin;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Kitchen\InKitchen;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class PutTin
{
    #[OA\Put(path: '/kitchens/{kitchen}/tins/{tin}', operationId: 'putTin', summary: 'Write down a tin, or change it.', tags: ['Tin'], requestBody: new Body('TinToStore'), responses: [
        new Answer(200, 'Written down', 'Ok'),
        new Answer(401, 'Not signed in', 'Problem'),
        new Answer(403, 'Guests may not', 'Problem'),
        new Answer(404, 'Not your kitchen', 'Problem'),
        new Answer(422, 'Something in it is refused', 'Problem'),
    ])]
    #[InPath]
    #[InPath('tin')]
    public function __invoke(PutTinRequest $request, string $kitchen, string $tin): JsonResponse
    {
        KitchenTin::put(InKitchen::of($request), $tin, $request->values());

        return new JsonResponse(['ok' => true]);
    }
}

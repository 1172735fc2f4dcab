<?php

declare(strict_types=1);

namespace App\Oven;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Kitchen\InKitchen;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class PutOven
{
    #[OA\Put(path: '/kitchens/{kitchen}/ovens/{oven}', operationId: 'putOven', summary: 'Write down an oven, or change it.', tags: ['Oven'], requestBody: new Body('OvenToStore'), responses: [
        new Answer(200, 'Written down', 'Ok'),
        new Answer(401, 'Not signed in', 'Problem'),
        new Answer(403, 'Guests may not', 'Problem'),
        new Answer(404, 'Not your kitchen', 'Problem'),
        new Answer(422, 'Something in it is refused', 'Problem'),
    ])]
    #[InPath]
    #[InPath('oven')]
    public function __invoke(PutOvenRequest $request, string $kitchen, string $oven): JsonResponse
    {
        KitchenOven::put(InKitchen::of($request), $oven, $request->values());

        return new JsonResponse(['ok' => true]);
    }
}

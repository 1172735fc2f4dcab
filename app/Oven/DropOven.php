<?php

declare(strict_types=1);

namespace App\Oven;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Contract\Ok;
use App\Kitchen\InKitchen;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class DropOven
{
    #[OA\Delete(path: '/kitchens/{kitchen}/ovens/{oven}', operationId: 'dropOven', summary: 'Take an oven out of the stores; pies keep what they were saved with.', tags: ['Oven'], responses: [
        new Answer(200, 'Gone, or never there', Ok::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not your kitchen'),
    ])]
    #[InPath]
    #[InPath('oven')]
    public function __invoke(Request $request, string $kitchen, string $oven): JsonResponse
    {
        KitchenOven::query()->where('kitchen_id', InKitchen::of($request)->id)->where('id', $oven)->delete();

        return new JsonResponse(new Ok);
    }
}

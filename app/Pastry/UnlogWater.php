<?php

declare(strict_types=1);

namespace App\Pastry;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Contract\Ok;
use App\Kitchen\InKitchen;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class UnlogWater
{
    #[OA\Delete(path: '/kitchens/{kitchen}/doughs/{dough}/waters/{water}', operationId: 'unlogWater', summary: 'Take back what was written down by mistake.', tags: ['Pastry'], responses: [
        new Answer(200, 'Gone, or never there', Ok::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not your kitchen'),
    ])]
    #[InPath]
    #[InPath('dough', format: null)]
    #[InPath('water')]
    public function __invoke(Request $request, string $kitchen, string $dough, string $water): JsonResponse
    {
        DoughWater::query()->where('kitchen_id', InKitchen::of($request)->id)->where('dough_id', $dough)->where('id', $water)->delete();

        return new JsonResponse(new Ok);
    }
}

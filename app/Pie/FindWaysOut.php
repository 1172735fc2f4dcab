<?php

declare(strict_types=1);

namespace App\Pie;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'WayOutList', required: ['waysOut'], properties: [
    new OA\Property(property: 'waysOut', type: 'array', items: new OA\Items(ref: '#/components/schemas/WayOut')),
])]
final class FindWaysOut
{
    #[OA\Post(path: '/kitchens/{kitchen}/ways-out', operationId: 'findWaysOut', summary: 'What mends one reading of a design, found by baking it again.', tags: ['Pie'], requestBody: new Body('WayOutWish'), responses: [
        new Answer(200, 'The cheapest for the cook first; none where the reading is not in trouble', 'WayOutList'),
        new Answer(401, 'Not signed in', 'Problem'),
        new Answer(404, 'Not your kitchen', 'Problem'),
        new Answer(422, 'The design or the reading is refused', 'Problem'),
    ])]
    #[InPath]
    public function __invoke(WaysOutRequest $request): JsonResponse
    {
        return new JsonResponse(['waysOut' => $request->waysOut()]);
    }
}

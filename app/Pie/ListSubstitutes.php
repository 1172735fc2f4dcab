<?php

declare(strict_types=1);

namespace App\Pie;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Substitute', required: ['name', 'use', 'allergens', 'effects', 'changes'], properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'use', type: 'string', description: 'how much of it, and what to do with it'),
    new OA\Property(property: 'allergens', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'effects', type: 'array', items: new OA\Items(ref: '#/components/schemas/Effect')),
    new OA\Property(property: 'changes', type: 'array', items: new OA\Items(ref: '#/components/schemas/Change')),
])]
#[OA\Schema(schema: 'SubstituteList', required: ['substitutes'], properties: [
    new OA\Property(property: 'substitutes', type: 'array', items: new OA\Items(ref: '#/components/schemas/Substitute')),
])]
final class ListSubstitutes
{
    #[OA\Post(path: '/kitchens/{kitchen}/substitutes', operationId: 'listSubstitutes', summary: 'What can stand in for one food of a design, and what that moves.', tags: ['Pie'], requestBody: new Body('SubstituteWish'), responses: [
        new Answer(200, 'The nearest first', 'SubstituteList'),
        new Answer(401, 'Not signed in', 'Problem'),
        new Answer(404, 'Not your kitchen', 'Problem'),
        new Answer(422, 'The design or the place is refused', 'Problem'),
    ])]
    #[InPath]
    public function __invoke(SubstitutesRequest $request): JsonResponse
    {
        return new JsonResponse(['substitutes' => $request->substitutes()]);
    }
}

<?php

declare(strict_types=1);

namespace App\Oven;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Kitchen\InKitchen;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'StoredOven', required: ['id', 'name', 'mode', 'runsByKelvins', 'notes'], properties: [
    new OA\Property(property: 'id', type: 'string', format: 'uuid'),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'mode', type: 'string', enum: ['static', 'fan']),
    new OA\Property(property: 'runsByKelvins', type: 'number', description: 'measured inside less what the dial says, K; negative where it runs cold'),
    new OA\Property(property: 'notes', type: 'string'),
])]
#[OA\Schema(schema: 'Ovens', required: ['ovens'], properties: [
    new OA\Property(property: 'ovens', type: 'array', items: new OA\Items(ref: '#/components/schemas/StoredOven')),
])]
final class ListOvens
{
    #[OA\Get(path: '/kitchens/{kitchen}/ovens', operationId: 'listOvens', summary: "The kitchen's own ovens, by name.", tags: ['Oven'], responses: [
        new Answer(200, 'All of them', 'Ovens'),
        new Answer(401, 'Not signed in', 'Problem'),
        new Answer(404, 'Not your kitchen', 'Problem'),
    ])]
    #[InPath]
    public function __invoke(Request $request): JsonResponse
    {
        $rows = KitchenOven::query()->where('kitchen_id', InKitchen::of($request)->id)->orderBy('name')->get();

        return new JsonResponse(['ovens' => $rows->map(static fn (KitchenOven $one): array => ['id' => $one->id, 'name' => $one->name, 'mode' => $one->mode, 'runsByKelvins' => $one->runs_by_kelvins, 'notes' => $one->notes])->all()]);
    }
}

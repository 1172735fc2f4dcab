<?php

declare(strict_types=1);

namespace App\Tin;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Kitchen\InKitchen;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'StoredTin', required: ['id', 'name', 'tin', 'label', 'holdsMl'], properties: [
    new OA\Property(property: 'id', type: 'string', format: 'uuid'),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'tin', ref: '#/components/schemas/Tin'),
    new OA\Property(property: 'label', type: 'string'),
    new OA\Property(property: 'holdsMl', type: 'number', description: 'to the rim, unlined'),
])]
#[OA\Schema(schema: 'Tins', required: ['tins'], properties: [
    new OA\Property(property: 'tins', type: 'array', items: new OA\Items(ref: '#/components/schemas/StoredTin')),
])]
final class ListTins
{
    #[OA\Get(path: '/kitchens/{kitchen}/tins', operationId: 'listTins', summary: "The kitchen's own tins, by name.", tags: ['Tin'], responses: [
        new Answer(200, 'All of them', 'Tins'),
        new Answer(401, 'Not signed in', 'Problem'),
        new Answer(404, 'Not your kitchen', 'Problem'),
    ])]
    #[InPath]
    public function __invoke(Request $request): JsonResponse
    {
        $rows = KitchenTin::query()->where('kitchen_id', InKitchen::of($request)->id)->orderBy('name')->get();

        return new JsonResponse(['tins' => $rows->map(static fn (KitchenTin $one): array => ['id' => $one->id, 'name' => $one->name, ...$one->described()])->all()]);
    }
}

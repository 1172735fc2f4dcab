<?php

declare(strict_types=1);

namespace App\Oven;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\InKitchen;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ListOvens
{
    #[OA\Get(path: '/kitchens/{kitchen}/ovens', operationId: 'listOvens', summary: "The kitchen's own ovens, by name.", tags: ['Oven'], responses: [
        new Answer(200, 'All of them', OvenList::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
    ])]
    #[InPath]
    public function __invoke(Request $request): JsonResponse
    {
        $rows = KitchenOven::query()->where('kitchen_id', InKitchen::of($request)->id)->orderBy('name')->get();

        return Json::response(new OvenList(array_values($rows->map(static fn (KitchenOven $one): StoredOven => new StoredOven($one->id, $one->name, $one->mode, $one->runs_by_kelvins, $one->notes))->all())));
    }
}

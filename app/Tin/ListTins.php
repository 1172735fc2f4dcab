<?php

declare(strict_types=1);

namespace App\Tin;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ListTins
{
    #[OA\Get(path: '/kitchens/{kitchen}/tins', operationId: 'listTins', summary: "The kitchen's own tins, by name.", tags: ['Tin'], responses: [
        new Answer(200, 'All of them', TinList::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
    ])]
    #[InPath]
    public function __invoke(Request $request): JsonResponse
    {
        $rows = KitchenTin::query()->where('kitchen_id', InKitchen::of($request)->id)->orderBy('name')->get();

        $words = User::wordsOf($request);

        return Json::response(new TinList(array_values($rows->map(static fn (KitchenTin $one): StoredTin => $one->described($words))->all())));
    }
}

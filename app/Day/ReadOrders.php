<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use App\Pie\StoredPie;
use Hojaldre\Core\Day\OrderTable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ReadOrders
{
    #[OA\Post(path: '/kitchens/{kitchen}/day-orders', operationId: 'readOrders', summary: 'Orders out of a table: pie, count, time, and if there is need of it scratch, frozen or baked. What is not understood is told line by line.', tags: ['Day'], requestBody: new Body(OrderTableWish::class), responses: [
        new Answer(200, 'What was understood, and what was not', OrderTableAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'Something in it is refused'),
    ])]
    #[InPath]
    public function __invoke(Request $request): JsonResponse
    {
        $names = InKitchen::of($request)->pies()->whereNull('archived_at')->get()->mapWithKeys(static fn (StoredPie $one): array => [$one->id => $one->name])->all();

        return Json::response(OrderTableAnswer::of(OrderTable::read(Body::read($request, OrderTableWish::class)->table, $names), User::wordsOf($request)));
    }
}

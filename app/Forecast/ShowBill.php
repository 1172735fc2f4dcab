<?php

declare(strict_types=1);

namespace App\Forecast;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Contract\Json;
use App\Food\KitchenFood;
use App\Kitchen\InKitchen;
use Hojaldre\Core\Forecast\Bill;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ShowBill
{
    #[OA\Post(path: '/kitchens/{kitchen}/bill', operationId: 'showBill', summary: 'All that goes into so many tins of a design, as bought, with its cost.', tags: ['Forecast'], requestBody: new Body(BillWish::class), responses: [
        new Answer(200, 'The bill of ingredients', BillAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'The design or the number is refused'),
    ])]
    #[InPath]
    public function __invoke(Request $request): JsonResponse
    {
        $wish = Body::read($request, BillWish::class);
        $here = InKitchen::of($request);

        return Json::response(BillAnswer::of(Bill::of($wish->design, $wish->tins, KitchenFood::pricesPerKg($here)), Pricing::of($here)));
    }
}

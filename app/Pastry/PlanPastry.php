<?php

declare(strict_types=1);

namespace App\Pastry;

use App\Batch\BatchPies;
use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use Hojaldre\Core\Batch\PastryPlan;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class PlanPastry
{
    #[OA\Post(path: '/kitchens/{kitchen}/pastry', operationId: 'planPastry', summary: 'The doughs of a batch: how much, how cut, how rested, whether it comes out even.', tags: ['Pastry'], requestBody: new Body(PastryWish::class), responses: [
        new Answer(200, 'The doughs', PastryAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'Something in it is refused'),
    ])]
    #[InPath]
    public function __invoke(Request $request): JsonResponse
    {
        $here = InKitchen::of($request);
        $batch = Body::read($request, PastryWish::class)->batch;
        $waters = DoughWater::of($here);
        $plan = PastryPlan::of($batch, BatchPies::of($here, $batch), KitchenDough::formulasOf($here), DoughWater::accepted($here));

        return Json::response(PastryAnswer::of($plan, array_keys(KitchenDough::ownOf($here)), $waters, User::wordsOf($request)));
    }
}

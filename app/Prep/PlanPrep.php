<?php

declare(strict_types=1);

namespace App\Prep;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class PlanPrep
{
    #[OA\Post(path: '/kitchens/{kitchen}/prep', operationId: 'planPrep', summary: 'What is to be done, weighed and bought for a batch, in the order cooks work.', tags: ['Prep'], requestBody: new Body(PrepWish::class), responses: [
        new Answer(200, 'The lists', PrepAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'Something in it is refused'),
    ])]
    #[InPath]
    public function __invoke(Request $request): JsonResponse
    {
        $here = InKitchen::of($request);

        return Json::response(PrepAnswer::of(BatchPrep::of($here, Body::read($request, PrepWish::class)->batch), KitchenYield::shares($here), User::wordsOf($request)));
    }
}

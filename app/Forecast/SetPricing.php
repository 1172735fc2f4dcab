<?php

declare(strict_types=1);

namespace App\Forecast;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Contract\Ok;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use App\People\Deed;
use App\People\KitchenAct;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class SetPricing
{
    #[OA\Put(path: '/kitchens/{kitchen}/pricing', operationId: 'setPricing', summary: 'The margin that is wanted of a price, and what a portion costs beside its food.', tags: ['Forecast'], requestBody: new Body(Pricing::class), responses: [
        new Answer(200, 'Kept', Ok::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'Not a margin'),
    ])]
    #[InPath]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $here = InKitchen::of($request);
        $pricing = Body::read($request, Pricing::class);
        $here->fill(['margin_percent' => $pricing->marginPercent, 'other_cost' => $pricing->otherCost])->save();
        KitchenAct::note($here, $user->name, Deed::PricingSet, '', $pricing->marginPercent === null ? 'none' : number_format($pricing->marginPercent, 1));

        return new JsonResponse(new Ok);
    }
}

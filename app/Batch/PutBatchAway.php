<?php

declare(strict_types=1);

namespace App\Batch;

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

final class PutBatchAway
{
    #[OA\Post(path: '/kitchens/{kitchen}/batches/{batch}/away', operationId: 'putBatchAway', summary: 'Put a batch away, or take it out again.', tags: ['Batch'], requestBody: new Body(AwayWish::class), responses: [
        new Answer(200, 'Done', Ok::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not in your kitchen'),
        new Answer(422, 'Something in it is refused'),
    ])]
    #[InPath]
    #[InPath('batch')]
    public function __invoke(Request $request, #[CurrentUser] User $user, string $kitchen, string $batch): JsonResponse
    {
        $here = InKitchen::of($request);
        $stored = StoredBatch::inKitchen($here, $batch);
        $wish = Body::read($request, AwayWish::class);
        $stored->fill(['archived_at' => $wish->away ? now() : null])->save();
        KitchenAct::note($here, $user->name, $wish->away ? Deed::BatchPutAway : Deed::BatchTakenOut, $stored->name);

        return new JsonResponse(new Ok);
    }
}

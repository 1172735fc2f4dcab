<?php

declare(strict_types=1);

namespace App\Batch;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use App\People\Deed;
use App\People\KitchenAct;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class CreateBatch
{
    #[OA\Post(path: '/kitchens/{kitchen}/batches', operationId: 'createBatch', summary: 'Put down a new batch.', tags: ['Batch'], requestBody: new Body(BatchToSave::class), responses: [
        new Answer(200, 'The batch', BatchAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'Something in it is refused'),
    ])]
    #[InPath]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $here = InKitchen::of($request);
        $batch = Body::read($request, BatchToSave::class)->batch;
        BatchPies::of($here, $batch);
        $stored = StoredBatch::putDown($here, $user, $batch);
        KitchenAct::note($here, $user->name, Deed::BatchPutDown, $batch->name);

        return BatchAnswer::of($here, $stored, $user->words());
    }
}

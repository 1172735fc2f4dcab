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

final class SaveBatch
{
    #[OA\Put(path: '/kitchens/{kitchen}/batches/{batch}', operationId: 'saveBatch', summary: 'Put a new state in the place of the one it was based on.', tags: ['Batch'], requestBody: new Body(BatchToSave::class), responses: [
        new Answer(200, 'The batch', BatchAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not in your kitchen'),
        new Answer(409, 'It was saved meanwhile; nothing was overwritten'),
        new Answer(422, 'Something in it is refused'),
    ])]
    #[InPath]
    #[InPath('batch')]
    public function __invoke(Request $request, #[CurrentUser] User $user, string $kitchen, string $batch): JsonResponse
    {
        $here = InKitchen::of($request);
        $stored = StoredBatch::inKitchen($here, $batch);
        $put = Body::read($request, BatchToSave::class);
        BatchPies::of($here, $put->batch);
        $saved = $stored->saveOn($user, $put->batch, $put->basedOn);
        KitchenAct::note($here, $user->name, Deed::BatchSaved, $saved->name);

        return BatchAnswer::of($here, $saved, $user->words());
    }
}

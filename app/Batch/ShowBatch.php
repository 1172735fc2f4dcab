<?php

declare(strict_types=1);

namespace App\Batch;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ShowBatch
{
    #[OA\Get(path: '/kitchens/{kitchen}/batches/{batch}', operationId: 'showBatch', summary: 'One batch.', tags: ['Batch'], responses: [
        new Answer(200, 'The batch', BatchAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not in your kitchen'),
    ])]
    #[InPath]
    #[InPath('batch')]
    public function __invoke(Request $request, string $kitchen, string $batch): JsonResponse
    {
        $here = InKitchen::of($request);

        return BatchAnswer::of($here, StoredBatch::inKitchen($here, $batch), User::wordsOf($request));
    }
}

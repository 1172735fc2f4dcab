<?php

declare(strict_types=1);

namespace App\Batch;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\InKitchen;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ListBatches
{
    private const MOST = 200;

    #[OA\Get(path: '/kitchens/{kitchen}/batches', operationId: 'listBatches', summary: 'The batches of a kitchen that are not put away, last saved first.', tags: ['Batch'], responses: [
        new Answer(200, 'The batches', BatchList::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
    ])]
    #[InPath]
    public function __invoke(Request $request): JsonResponse
    {
        $rows = StoredBatch::of(InKitchen::of($request))->whereNull('archived_at')->orderByDesc('updated_at')->orderBy('id')->limit(self::MOST)->get();

        return Json::response(new BatchList(array_values($rows->map(BatchSummary::of(...))->all())));
    }
}

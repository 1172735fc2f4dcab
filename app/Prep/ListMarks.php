<?php

declare(strict_types=1);

namespace App\Prep;

use App\Batch\StoredBatch;
use App\Contract\Answer;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\InKitchen;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ListMarks
{
    #[OA\Get(path: '/kitchens/{kitchen}/batches/{batch}/marks', operationId: 'listMarks', summary: 'How far each act of a batch is, from all phones.', tags: ['Prep'], responses: [
        new Answer(200, 'The marks', MarkList::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not in your kitchen'),
    ])]
    #[InPath]
    #[InPath('batch')]
    public function __invoke(Request $request, string $kitchen, string $batch): JsonResponse
    {
        return Json::response(new MarkList(array_map(MarkAnswer::of(...), PrepMark::of(StoredBatch::inKitchen(InKitchen::of($request), $batch)))));
    }
}

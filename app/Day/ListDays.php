<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\InKitchen;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ListDays
{
    private const MOST = 200;

    #[OA\Get(path: '/kitchens/{kitchen}/days', operationId: 'listDays', summary: 'The days of a kitchen that are not put away, the newest date first.', tags: ['Day'], responses: [
        new Answer(200, 'The days', DayList::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
    ])]
    #[InPath]
    public function __invoke(Request $request): JsonResponse
    {
        $rows = StoredDay::of(InKitchen::of($request))->whereNull('archived_at')->orderByDesc('date')->orderBy('id')->limit(self::MOST)->get();

        return Json::response(new DayList(array_values($rows->map(DaySummary::of(...))->all())));
    }
}

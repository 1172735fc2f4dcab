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

final class ListDayRevisions
{
    private const MOST = 60;

    #[OA\Get(path: '/kitchens/{kitchen}/days/{day}/revisions', operationId: 'listDayRevisions', summary: 'The saved states of a day, the newest first.', tags: ['Day'], responses: [
        new Answer(200, 'The revisions', DayRevisionList::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not in your kitchen'),
    ])]
    #[InPath]
    #[InPath('day')]
    public function __invoke(Request $request, string $kitchen, string $day): JsonResponse
    {
        $rows = StoredDay::inKitchen(InKitchen::of($request), $day)->revisions()->orderByDesc('number')->limit(self::MOST)->get();

        return Json::response(new DayRevisionList(array_values($rows->map(DayRevisionAnswer::of(...))->all())));
    }
}

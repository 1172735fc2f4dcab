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

final class ListDayMarks
{
    #[OA\Get(path: '/kitchens/{kitchen}/days/{day}/marks', operationId: 'listDayMarks', summary: 'What is done of a day and what runs, by whoever marked it. Phones ask once a second.', tags: ['Day'], responses: [
        new Answer(200, 'The marks', DayMarkList::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not in your kitchen'),
    ])]
    #[InPath]
    #[InPath('day')]
    public function __invoke(Request $request, string $kitchen, string $day): JsonResponse
    {
        return Json::response(DayMarkList::of(StoredDay::inKitchen(InKitchen::of($request), $day)));
    }
}

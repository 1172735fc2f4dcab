<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\InKitchen;
use App\Problem\Problem;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ShowDayRevision
{
    #[OA\Get(path: '/kitchens/{kitchen}/days/{day}/revisions/{number}', operationId: 'showDayRevision', summary: 'A day as it was saved once.', tags: ['Day'], responses: [
        new Answer(200, 'The day as it was', DayBegunAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not in your kitchen'),
    ])]
    #[InPath]
    #[InPath('day')]
    #[InPath('number', 'integer', null)]
    public function __invoke(Request $request, string $kitchen, string $day, int $number): JsonResponse
    {
        $here = InKitchen::of($request);
        $found = StoredDay::inKitchen($here, $day)->revisions()->where('number', $number)->first() ?? throw Problem::notFound('There is no such revision of this day.');
        $document = $found->document();

        return Json::response(new DayBegunAnswer($document, DayAnswer::pies($here, $document)));
    }
}

<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Kitchen\InKitchen;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ShowDay
{
    #[OA\Get(path: '/kitchens/{kitchen}/days/{day}', operationId: 'showDay', summary: 'One day as it was saved last.', tags: ['Day'], responses: [
        new Answer(200, 'The day', DayAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not in your kitchen'),
    ])]
    #[InPath]
    #[InPath('day')]
    public function __invoke(Request $request, string $kitchen, string $day): JsonResponse
    {
        $here = InKitchen::of($request);

        return DayAnswer::of($here, StoredDay::inKitchen($here, $day));
    }
}

<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Answer;
use App\Kitchen\Kitchen;
use App\Wording\Words;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

final class ShowCalendar
{
    #[OA\Get(path: '/calendar/{secret}.ics', operationId: 'showCalendar', summary: 'The plan of a day for calendars that subscribed to it. Whoever has the address sees it.', tags: ['Day'], responses: [
        new OA\Response(response: 200, description: 'The calendar', content: new OA\MediaType(mediaType: 'text/calendar', schema: new OA\Schema(type: 'string'))),
        new Answer(404, 'Closed, or never open'),
    ])]
    #[OA\PathParameter(name: 'secret', required: true, schema: new OA\Schema(type: 'string'))]
    public function __invoke(string $secret): Response
    {
        $stored = StoredDay::ofCalendar($secret);

        return ExportDay::file(Kitchen::query()->findOrFail($stored->kitchen_id), $stored, 'ics', new Words);
    }
}

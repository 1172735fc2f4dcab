<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Kitchen\InKitchen;
use App\Kitchen\Kitchen;
use App\Kitchen\User;
use App\Wording\Words;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

final class ExportDay
{
    #[OA\Get(path: '/kitchens/{kitchen}/days/{day}/plan.{kind}', operationId: 'exportDay', summary: 'The plan of a day as a calendar (ics) or a table (csv).', tags: ['Day'], responses: [
        new OA\Response(response: 200, description: 'The file', content: [new OA\MediaType(mediaType: 'text/calendar', schema: new OA\Schema(type: 'string')), new OA\MediaType(mediaType: 'text/csv', schema: new OA\Schema(type: 'string'))]),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not in your kitchen'),
    ])]
    #[InPath]
    #[InPath('day')]
    #[OA\PathParameter(name: 'kind', required: true, schema: new OA\Schema(type: 'string', enum: ['ics', 'csv']))]
    public function __invoke(Request $request, string $kitchen, string $day, string $kind): Response
    {
        $here = InKitchen::of($request);

        return self::file($here, StoredDay::inKitchen($here, $day), $kind, User::wordsOf($request));
    }

    public static function file(Kitchen $kitchen, StoredDay $stored, string $kind, Words $words): Response
    {
        $planned = PlannedDay::of($kitchen, new PlanWish($stored->newest()->document(), $stored->batch_id, $stored->id, null, false, false, null));
        $text = $kind === 'csv' ? DayTable::of($planned, $words) : DayCalendar::of($stored, $planned, $words);

        return new Response($text, 200, [
            'Content-Type' => $kind === 'csv' ? 'text/csv; charset=utf-8' : 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="plan.'.$kind.'"',
        ]);
    }
}

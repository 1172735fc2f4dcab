<?php

declare(strict_types=1);

use App\Day\BeginDay;
use App\Day\CloseCalendar;
use App\Day\CreateDay;
use App\Day\ExportDay;
use App\Day\FindWaysOnTime;
use App\Day\ListDayMarks;
use App\Day\ListDayRevisions;
use App\Day\ListDays;
use App\Day\OpenCalendar;
use App\Day\PlanDay;
use App\Day\PutDayAway;
use App\Day\PutDayMark;
use App\Day\ReadOrders;
use App\Day\SaveDay;
use App\Day\ShowDay;
use App\Day\ShowDayRevision;
use Illuminate\Support\Facades\Route;

Route::get('days', ListDays::class);
Route::get('days/{day}', ShowDay::class)->whereUuid('day');
Route::get('days/{day}/revisions', ListDayRevisions::class)->whereUuid('day');
Route::get('days/{day}/revisions/{number}', ShowDayRevision::class)->whereUuid('day')->whereNumber('number');
Route::get('days/{day}/marks', ListDayMarks::class)->whereUuid('day');
Route::get('days/{day}/plan.{kind}', ExportDay::class)->whereUuid('day')->whereIn('kind', ['ics', 'csv']);
Route::post('day-beginning', BeginDay::class);
Route::post('day-plan', PlanDay::class);
Route::post('day-ways', FindWaysOnTime::class);
Route::post('day-orders', ReadOrders::class);

Route::middleware('write')->group(static function (): void {
    Route::post('days', CreateDay::class);
    Route::put('days/{day}', SaveDay::class)->whereUuid('day');
    Route::post('days/{day}/away', PutDayAway::class)->whereUuid('day');
    Route::put('days/{day}/marks', PutDayMark::class)->whereUuid('day');
    Route::post('days/{day}/calendar', OpenCalendar::class)->whereUuid('day');
    Route::delete('days/{day}/calendar', CloseCalendar::class)->whereUuid('day');
});

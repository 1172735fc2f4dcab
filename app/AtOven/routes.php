<?php

declare(strict_types=1);

use App\AtOven\BeginBakes;
use App\AtOven\BringTrace;
use App\AtOven\PutEvents;
use App\AtOven\PutReadings;
use App\AtOven\ReadThermometers;
use App\AtOven\ShowAtOven;
use App\AtOven\ShowLive;
use Illuminate\Support\Facades\Route;

Route::get('at-oven', ShowAtOven::class);
Route::get('at-oven/live', ShowLive::class);
Route::get('thermometers', ReadThermometers::class);

Route::middleware('write')->group(static function (): void {
    Route::post('bakes', BeginBakes::class);
    Route::post('bakes/{bake}/events', PutEvents::class)->whereUuid('bake');
    Route::post('bakes/{bake}/trace', BringTrace::class)->whereUuid('bake');
    Route::post('bakes/{bake}/readings', PutReadings::class)->whereUuid('bake');
});

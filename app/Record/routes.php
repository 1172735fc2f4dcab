<?php

declare(strict_types=1);

use App\Record\DecideLesson;
use App\Record\FindCauses;
use App\Record\JudgeBake;
use App\Record\ListBakes;
use App\Record\ListLessons;
use App\Record\ShowBake;
use App\Record\WeighBake;
use App\Record\WorkOutLessons;
use Illuminate\Support\Facades\Route;

Route::get('bakes', ListBakes::class);
Route::get('bakes/{bake}', ShowBake::class)->whereUuid('bake');
Route::get('bakes/{bake}/causes', FindCauses::class)->whereUuid('bake');
Route::get('lessons', ListLessons::class);

Route::middleware('write')->group(static function (): void {
    Route::put('bakes/{bake}/judgement', JudgeBake::class)->whereUuid('bake');
    Route::put('bakes/{bake}/weighed', WeighBake::class)->whereUuid('bake');
    Route::put('lessons', DecideLesson::class);
    Route::post('lessons', WorkOutLessons::class);
});

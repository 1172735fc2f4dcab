<?php

declare(strict_types=1);

use App\Record\BeginTrial;
use App\Record\DecideLesson;
use App\Record\DropPhoto;
use App\Record\DropTasting;
use App\Record\DropTrial;
use App\Record\FindCauses;
use App\Record\JudgeBake;
use App\Record\ListBakes;
use App\Record\ListLessons;
use App\Record\ListTrials;
use App\Record\PutPhoto;
use App\Record\PutTasting;
use App\Record\ShowBake;
use App\Record\ShowBookFigures;
use App\Record\ShowPhoto;
use App\Record\WeighBake;
use App\Record\WorkOutLessons;
use Illuminate\Support\Facades\Route;

Route::get('bakes', ListBakes::class);
Route::get('bakes/{bake}', ShowBake::class)->whereUuid('bake');
Route::get('bakes/{bake}/causes', FindCauses::class)->whereUuid('bake');
Route::get('bakes/{bake}/photos/{photo}', ShowPhoto::class)->whereUuid(['bake', 'photo']);
Route::get('book-figures', ShowBookFigures::class);
Route::get('lessons', ListLessons::class);
Route::get('trials', ListTrials::class);

Route::middleware('write')->group(static function (): void {
    Route::put('bakes/{bake}/judgement', JudgeBake::class)->whereUuid('bake');
    Route::put('bakes/{bake}/weighed', WeighBake::class)->whereUuid('bake');
    Route::post('bakes/{bake}/photos', PutPhoto::class)->whereUuid('bake');
    Route::delete('bakes/{bake}/photos/{photo}', DropPhoto::class)->whereUuid(['bake', 'photo']);
    Route::post('trials', BeginTrial::class);
    Route::delete('trials/{trial}', DropTrial::class)->whereUuid('trial');
    Route::post('trials/{trial}/tastings', PutTasting::class)->whereUuid('trial');
    Route::delete('trials/{trial}/tastings/{tasting}', DropTasting::class)->whereUuid(['trial', 'tasting']);
    Route::put('lessons', DecideLesson::class);
    Route::post('lessons', WorkOutLessons::class);
});

<?php

declare(strict_types=1);

use App\Prep\ExportList;
use App\Prep\LeftoverIsGone;
use App\Prep\ListLeftovers;
use App\Prep\ListMarks;
use App\Prep\PlanPrep;
use App\Prep\PutLeftover;
use App\Prep\PutMark;
use App\Prep\ReadScale;
use Illuminate\Support\Facades\Route;

Route::post('prep', PlanPrep::class);
Route::get('leftovers', ListLeftovers::class);
Route::get('scale-reading', ReadScale::class);
Route::get('batches/{batch}/marks', ListMarks::class)->whereUuid('batch');
Route::get('batches/{batch}/lists/{list}', ExportList::class)->whereUuid('batch')->where('list', '(shop|weigh|prep)\.(csv|txt)');

Route::middleware('write')->group(static function (): void {
    Route::post('leftovers', PutLeftover::class);
    Route::put('leftovers/{leftover}/gone', LeftoverIsGone::class)->whereUuid('leftover');
    Route::put('batches/{batch}/marks', PutMark::class)->whereUuid('batch');
});

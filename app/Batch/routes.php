<?php

declare(strict_types=1);

use App\Batch\CreateBatch;
use App\Batch\ListBatches;
use App\Batch\PutBatchAway;
use App\Batch\SaveBatch;
use App\Batch\ShowBatch;
use Illuminate\Support\Facades\Route;

Route::get('batches', ListBatches::class);
Route::get('batches/{batch}', ShowBatch::class)->whereUuid('batch');

Route::middleware('write')->group(static function (): void {
    Route::post('batches', CreateBatch::class);
    Route::put('batches/{batch}', SaveBatch::class)->whereUuid('batch');
    Route::post('batches/{batch}/away', PutBatchAway::class)->whereUuid('batch');
});

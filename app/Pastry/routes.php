<?php

declare(strict_types=1);

use App\Pastry\DoughIntoPies;
use App\Pastry\DropDough;
use App\Pastry\LogWater;
use App\Pastry\PlanPastry;
use App\Pastry\PutDough;
use App\Pastry\UnlogWater;
use Illuminate\Support\Facades\Route;

Route::post('pastry', PlanPastry::class);

Route::middleware('write')->group(static function (): void {
    Route::put('doughs/{dough}', PutDough::class)->where('dough', '[a-z0-9][a-z0-9-]{0,39}');
    Route::delete('doughs/{dough}', DropDough::class)->where('dough', '[a-z0-9][a-z0-9-]{0,39}');
    Route::post('doughs/{dough}/waters', LogWater::class)->where('dough', '[a-z0-9][a-z0-9-]{0,39}');
    Route::delete('doughs/{dough}/waters/{water}', UnlogWater::class)->where('dough', '[a-z0-9][a-z0-9-]{0,39}')->whereUuid('water');
    Route::post('batches/{batch}/doughs/{dough}/into-pies', DoughIntoPies::class)->whereUuid('batch')->where('dough', '[a-z0-9][a-z0-9-]{0,39}');
});

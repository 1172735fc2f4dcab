<?php

declare(strict_types=1);

use App\Oven\DropOven;
use App\Oven\ListOvens;
use App\Oven\PutOven;
use Illuminate\Support\Facades\Route;

Route::get('ovens', ListOvens::class);

Route::middleware('write')->group(static function (): void {
    Route::put('ovens/{oven}', PutOven::class)->whereUuid('oven');
    Route::delete('ovens/{oven}', DropOven::class)->whereUuid('oven');
});

<?php

declare(strict_types=1);

use App\Tin\DropTin;
use App\Tin\ListTins;
use App\Tin\PutTin;
use Illuminate\Support\Facades\Route;

Route::get('tins', ListTins::class);

Route::middleware('write')->group(static function (): void {
    Route::put('tins/{tin}', PutTin::class)->whereUuid('tin');
    Route::delete('tins/{tin}', DropTin::class)->whereUuid('tin');
});

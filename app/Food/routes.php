<?php

declare(strict_types=1);

use App\Food\DropFood;
use App\Food\LikenFood;
use App\Food\ListFoods;
use App\Food\PutFood;
use App\Food\SetPrice;
use App\Food\SetStock;
use Illuminate\Support\Facades\Route;

Route::get('foods', ListFoods::class);

Route::middleware('write')->where(['food' => '[a-z0-9-]{1,40}'])->group(static function (): void {
    Route::put('foods/{food}', PutFood::class);
    Route::put('foods/{food}/like', LikenFood::class);
    Route::delete('foods/{food}', DropFood::class);
    Route::put('foods/{food}/price', SetPrice::class);
    Route::put('foods/{food}/stock', SetStock::class);
});

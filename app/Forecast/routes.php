<?php

declare(strict_types=1);

use App\Forecast\FilmBake;
use App\Forecast\ForecastDesign;
use App\Forecast\SetPricing;
use App\Forecast\ShowBill;
use Illuminate\Support\Facades\Route;

Route::post('forecast', ForecastDesign::class);
Route::post('bake', FilmBake::class);
Route::post('bill', ShowBill::class);
Route::put('pricing', SetPricing::class)->middleware('write');

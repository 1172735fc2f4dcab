<?php

declare(strict_types=1);

use App\Kitchen\ChooseUnits;
use App\Kitchen\ShowSession;
use App\Kitchen\SignIn;
use App\Kitchen\SignOut;
use Illuminate\Support\Facades\Route;

Route::get('session', ShowSession::class);
Route::post('session', SignIn::class);
Route::put('session/units', ChooseUnits::class)->middleware('auth');
Route::delete('session', SignOut::class)->middleware('auth');

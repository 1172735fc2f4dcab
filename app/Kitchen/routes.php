<?php

declare(strict_types=1);

use App\Kitchen\ChoosePassword;
use App\Kitchen\ChooseUnits;
use App\Kitchen\NameYourself;
use App\Kitchen\ShowSession;
use App\Kitchen\SignIn;
use App\Kitchen\SignOut;
use App\Kitchen\SignOutEverywhere;
use App\People\JoinAsMember;
use App\People\JoinAsNewcomer;
use App\People\ShowInvitation;
use Illuminate\Support\Facades\Route;

Route::get('session', ShowSession::class);
Route::post('session', SignIn::class);
Route::put('session/units', ChooseUnits::class)->middleware('auth');
Route::put('session/name', NameYourself::class)->middleware('auth');
Route::put('session/password', ChoosePassword::class)->middleware('auth');
Route::delete('session', SignOut::class)->middleware('auth');
Route::delete('sessions', SignOutEverywhere::class)->middleware('auth');

Route::get('invitations/{token}', ShowInvitation::class);
Route::post('invitations/{token}', JoinAsNewcomer::class);
Route::put('invitations/{token}', JoinAsMember::class)->middleware('auth');

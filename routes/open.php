<?php

declare(strict_types=1);

/* Routes without a session: whoever may reach the app may ask whether it is well. */

use App\Day\ShowCalendar;
use App\Kitchen\CheckHealth;
use App\Kitchen\Ping;
use Illuminate\Support\Facades\Route;

Route::get('ping', Ping::class);
Route::get('health', CheckHealth::class);
// whoever has the secret address of a day may see its plan, until it is withdrawn
Route::get('calendar/{secret}.ics', ShowCalendar::class)->where('secret', '[A-Za-z0-9]{40}');

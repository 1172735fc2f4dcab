<?php

declare(strict_types=1);

/* Routes without a session: whoever may reach the app may ask whether it is well. */

use App\Kitchen\CheckHealth;
use App\Kitchen\Ping;
use Illuminate\Support\Facades\Route;

Route::get('ping', Ping::class);
Route::get('health', CheckHealth::class);

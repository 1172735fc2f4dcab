<?php

declare(strict_types=1);

use App\Measure\ReadEntry;
use Illuminate\Support\Facades\Route;

Route::post('entries', ReadEntry::class);

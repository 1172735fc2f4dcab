<?php

declare(strict_types=1);

use App\Archive\BringArchive;
use App\Archive\TakeArchive;
use Illuminate\Support\Facades\Route;

Route::get('archive', TakeArchive::class)->middleware('owner');
Route::put('archive', BringArchive::class)->middleware(['write', 'owner']);

<?php

declare(strict_types=1);

use App\Food\ListFoods;
use Illuminate\Support\Facades\Route;

Route::get('foods', ListFoods::class);

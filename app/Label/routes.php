<?php

declare(strict_types=1);

use App\Label\PrintLabels;
use App\Label\ShowLabel;
use Illuminate\Support\Facades\Route;

Route::post('labels', ShowLabel::class);
Route::post('label-sheets', PrintLabels::class);

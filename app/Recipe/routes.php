<?php

declare(strict_types=1);

use App\Recipe\AddToDesign;
use App\Recipe\ExportRecipe;
use App\Recipe\ReadPastedRecipe;
use Illuminate\Support\Facades\Route;

Route::get('pies/{pie}/recipe', ExportRecipe::class)->whereUuid('pie');
Route::post('additions', AddToDesign::class);
Route::post('recipes', ReadPastedRecipe::class);

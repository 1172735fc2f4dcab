<?php

declare(strict_types=1);

use App\Advice\AdviseShell;
use App\Advice\AskWhatIf;
use App\Advice\AskWhatIsAssumed;
use App\Advice\EditDesign;
use App\Advice\FillGap;
use App\Advice\FindOnHand;
use App\Advice\FindWaysOut;
use App\Advice\ListSwaps;
use App\Advice\MatchKitchen;
use App\Advice\PrepareLayer;
use App\Advice\ScaleDesign;
use App\Advice\WeighPan;
use Illuminate\Support\Facades\Route;

Route::post('edits', EditDesign::class);
Route::post('scale', ScaleDesign::class);
Route::post('custards', FillGap::class);
Route::post('preparations', PrepareLayer::class);
Route::post('on-hand', FindOnHand::class);
Route::post('pans', WeighPan::class);
Route::post('shell', AdviseShell::class);
Route::post('ways-out', FindWaysOut::class);
Route::post('swaps', ListSwaps::class);
Route::post('matches', MatchKitchen::class);
Route::post('questions', AskWhatIsAssumed::class);
Route::post('what-if', AskWhatIf::class);

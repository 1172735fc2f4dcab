<?php

declare(strict_types=1);

use App\Pie\ArchivePie;
use App\Pie\CreatePie;
use App\Pie\DuplicatePie;
use App\Pie\ExportPie;
use App\Pie\ListBeginnings;
use App\Pie\ListPies;
use App\Pie\ListRevisions;
use App\Pie\SavePie;
use App\Pie\ShowPie;
use App\Pie\ShowRevision;
use Illuminate\Support\Facades\Route;

Route::get('pies', ListPies::class);
Route::get('beginnings', ListBeginnings::class);
Route::get('pies/{pie}', ShowPie::class)->whereUuid('pie');
Route::get('pies/{pie}/file', ExportPie::class)->whereUuid('pie');
Route::get('pies/{pie}/revisions', ListRevisions::class)->whereUuid('pie');
Route::get('pies/{pie}/revisions/{number}', ShowRevision::class)->whereUuid('pie')->whereNumber('number');

Route::middleware('write')->group(static function (): void {
    Route::post('pies', CreatePie::class);
    Route::post('pies/{pie}/revisions', SavePie::class)->whereUuid('pie');
    Route::post('pies/{pie}/duplicate', DuplicatePie::class)->whereUuid('pie');
    Route::put('pies/{pie}/archived', ArchivePie::class)->whereUuid('pie');
});

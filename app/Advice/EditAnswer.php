<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Schema;
use App\Forecast\ForecastAnswer;
use App\Measure\EntryAnswer;

/** What came of an entry: how it was read, what it changes in the design, and a first forecast of the design changed. */
#[Schema('Edit')]
final readonly class EditAnswer
{
    /**
     * @param  EntryAnswer|null  $entry  null where nothing was typed
     * @param  list<ChangeAnswer>  $changes
     * @param  ForecastAnswer  $forecast  by one coarse bake, and without its report; ask /forecast for the rest
     */
    public function __construct(public ?EntryAnswer $entry, public array $changes, public ForecastAnswer $forecast)
    {
    }
}

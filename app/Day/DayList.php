<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Schema;

#[Schema('Days')]
final readonly class DayList
{
    /** @param  list<DaySummary>  $days */
    public function __construct(public array $days)
    {
    }
}

<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Schema;
use Hojaldre\Core\Day\Day;

/** A day to begin from, not stored yet. */
#[Schema('DayBegun')]
final readonly class DayBegunAnswer
{
    /** @param  list<DayPieAnswer>  $pies */
    public function __construct(public Day $day, public array $pies)
    {
    }
}

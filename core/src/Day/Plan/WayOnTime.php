<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Plan;

use Hojaldre\Core\Day\Day;
use Hojaldre\Core\Statement\Statement;

/** A change that makes a day less late, planned to prove it. */
final readonly class WayOnTime
{
    /**
     * @param  Statement  $act  what to do; `order` in it is the id of one
     * @param  Day  $day  the day with the change
     * @param  int  $lateMinutes  that are left, all orders together
     */
    public function __construct(public Statement $act, public Day $day, public int $lateMinutes)
    {
    }
}

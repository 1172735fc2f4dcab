<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Schema;
use Hojaldre\Core\Day\Day;

#[Schema('WayOnTime')]
final readonly class WayOnTimeAnswer
{
    /**
     * @param  int  $lateMinutes  that are left
     * @param  Day  $day  with the change
     */
    public function __construct(public string $act, public int $lateMinutes, public Day $day)
    {
    }
}

<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Schema;

#[Schema('TaskHands')]
final readonly class TaskHandsAnswer
{
    /** @param  int  $cook  place among the cooks of the day */
    public function __construct(public int $cook, public int $fromMinute, public int $toMinute)
    {
    }
}

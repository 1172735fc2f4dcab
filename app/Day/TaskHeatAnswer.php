<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Schema;

#[Schema('TaskHeat')]
final readonly class TaskHeatAnswer
{
    /** @param  int  $shelves  that it takes */
    public function __construct(public int $fromMinute, public int $toMinute, public float $celsius, public float $dialCelsius, public int $shelves)
    {
    }
}

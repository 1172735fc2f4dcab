<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Schema;

#[Schema('TaskRing')]
final readonly class TaskRingAnswer
{
    public function __construct(public int $fromMinute, public int $toMinute)
    {
    }
}

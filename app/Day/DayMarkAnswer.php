<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Schema;

#[Schema('DayMark')]
final readonly class DayMarkAnswer
{
    /**
     * @param  string  $task  its id
     * @param  int  $startMinute  of the day
     * @param  int|null  $endMinute  null while it runs
     */
    private function __construct(public string $task, public int $startMinute, public ?int $endMinute, public string $markedBy)
    {
    }

    public static function of(DayMark $mark): self
    {
        return new self($mark->task, $mark->start_minute, $mark->end_minute, $mark->marked_by);
    }
}

<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Schema;

/** What other phones want to hear of: marks, and whether the day was saved anew. */
#[Schema('DayMarks')]
final readonly class DayMarkList
{
    /** @param  list<DayMarkAnswer>  $marks */
    private function __construct(public int $revision, public array $marks)
    {
    }

    public static function of(StoredDay $day): self
    {
        return new self($day->revision, array_map(DayMarkAnswer::of(...), DayMark::of($day)));
    }
}

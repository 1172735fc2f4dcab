<?php

declare(strict_types=1);

namespace App\Record;

use App\Contract\Schema;

#[Schema('Lessons')]
final readonly class LessonList
{
    /**
     * @param  list<LessonAnswer>  $lessons
     * @param  int  $left  bakes that are still to be worked out; ask again
     */
    public function __construct(public array $lessons, public int $left)
    {
    }
}

<?php

declare(strict_types=1);

namespace App\Record;

use App\Contract\Schema;

/** One thing that the bakes teach: on its scale lies what is in use, and what they say. */
#[Schema('Lesson')]
final readonly class LessonAnswer
{
    /**
     * @param  string  $thing  oven:ID, below:ID, yield:FOOD|PREPARATION, water:DOUGH, pace:KIND, salt, colour
     * @param  string  $value  in words
     * @param  float  $says  on its scale
     * @param  float  $low  8 in 10 lie between
     * @param  float  $inUse  on its scale, now
     * @param  list<float>  $ticks  what each bake or weighing said by itself; none where one alone says little
     * @param  string  $substance  "heat", "water", "plain"
     * @param  string  $evidence  how much of it there is
     * @param  string|null  $decidedAt  date and time, ISO 8601
     */
    public function __construct(
        public string $thing,
        public string $name,
        public string $value,
        public string $range,
        public float $says,
        public float $low,
        public float $high,
        public float $inUse,
        public float $scaleFrom,
        public float $scaleTo,
        public array $ticks,
        public string $substance,
        public string $evidence,
        public string $effect,
        public LessonState $state,
        public ?string $decidedBy,
        public ?string $decidedAt,
    ) {
    }
}

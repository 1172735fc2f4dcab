<?php

declare(strict_types=1);

namespace App\Record;

use App\Contract\Schema;
use Hojaldre\Core\Document\Text;

#[Schema('LessonWish')]
final readonly class LessonWish
{
    /**
     * @param  string  $thing  as the lesson names it
     * @param  LessonState  $state  offered takes a decision back
     */
    public function __construct(#[Text(1, 200)] public string $thing, public LessonState $state)
    {
    }
}

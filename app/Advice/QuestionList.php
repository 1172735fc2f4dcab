<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Schema;

#[Schema('Questions')]
final readonly class QuestionList
{
    /** @param  list<QuestionAnswer>  $questions  the most telling first */
    public function __construct(public array $questions)
    {
    }
}

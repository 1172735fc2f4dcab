<?php

declare(strict_types=1);

namespace App\Prep;

use App\Contract\Schema;

#[Schema('Marks')]
final readonly class MarkList
{
    /** @param  list<MarkAnswer>  $marks */
    public function __construct(public array $marks)
    {
    }
}

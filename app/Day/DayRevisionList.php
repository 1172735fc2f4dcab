<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Schema;

#[Schema('DayRevisions')]
final readonly class DayRevisionList
{
    /** @param  list<DayRevisionAnswer>  $revisions */
    public function __construct(public array $revisions)
    {
    }
}

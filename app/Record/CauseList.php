<?php

declare(strict_types=1);

namespace App\Record;

use App\Contract\Schema;

#[Schema('Causes')]
final readonly class CauseList
{
    /** @param  list<FindingAnswer>  $findings  troubles that have one cause, together; none where nothing went wrong */
    public function __construct(public array $findings)
    {
    }
}

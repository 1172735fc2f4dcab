<?php

declare(strict_types=1);

namespace App\Pie;

use App\Contract\Schema;

#[Schema('RevisionList')]
final readonly class RevisionList
{
    /** @param  list<RevisionAnswer>  $revisions */
    public function __construct(public array $revisions)
    {
    }
}

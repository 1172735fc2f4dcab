<?php

declare(strict_types=1);

namespace App\Prep;

use App\Contract\Schema;

#[Schema('Leftovers')]
final readonly class LeftoverList
{
    /** @param  list<LeftoverAnswer>  $leftovers  what must be used first at the top */
    public function __construct(public array $leftovers)
    {
    }
}

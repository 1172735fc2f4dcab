<?php

declare(strict_types=1);

namespace App\Pie;

use App\Contract\Schema;

#[Schema('Beginnings')]
final readonly class BeginningList
{
    /** @param  list<BeginningAnswer>  $beginnings */
    public function __construct(public array $beginnings)
    {
    }
}

<?php

declare(strict_types=1);

namespace App\AtOven;

use App\Contract\Schema;

#[Schema('AtOven')]
final readonly class AtOvenAnswer
{
    /** @param  list<BakeAtOvenAnswer>  $bakes  in the order in which they go in */
    public function __construct(public array $bakes)
    {
    }
}

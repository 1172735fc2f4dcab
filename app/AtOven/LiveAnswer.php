<?php

declare(strict_types=1);

namespace App\AtOven;

use App\Contract\Schema;

#[Schema('LiveAtOven')]
final readonly class LiveAnswer
{
    /** @param  list<LiveBakeAnswer>  $bakes  in the order in which they go in */
    public function __construct(public array $bakes)
    {
    }
}

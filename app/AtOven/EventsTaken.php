<?php

declare(strict_types=1);

namespace App\AtOven;

use App\Contract\Schema;

#[Schema('Taken')]
final readonly class EventsTaken
{
    /** @param  int  $new  that were not there before */
    public function __construct(public int $new)
    {
    }
}

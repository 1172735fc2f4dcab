<?php

declare(strict_types=1);

namespace App\AtOven;

use App\Contract\Schema;

#[Schema('TraceTaken')]
final readonly class TraceTaken
{
    /**
     * @param  int  $new  readings that were not there before
     * @param  int  $leftOut  rows without a number
     */
    public function __construct(public int $new, public int $leftOut)
    {
    }
}

<?php

declare(strict_types=1);

namespace App\Record;

use App\Contract\Schema;

/** A part of the book, with how many bakes are in it. */
#[Schema('BakeFilter')]
final readonly class BakeFilter
{
    /**
     * @param  string  $which  "all", "to-judge", "wrong", "pie:…", "oven:…"
     */
    public function __construct(public string $which, public string $name, public int $count)
    {
    }
}

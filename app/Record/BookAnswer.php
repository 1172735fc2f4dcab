<?php

declare(strict_types=1);

namespace App\Record;

use App\Contract\Schema;

#[Schema('BakeBook')]
final readonly class BookAnswer
{
    /**
     * @param  list<BakeRow>  $bakes  the newest first
     * @param  int  $found  how many there are in all
     * @param  list<BakeFilter>  $filters
     * @param  int|null  $firstAt  of all bakes, ms since 1970
     * @param  int  $inRange  of those that came out, how many did within the range that was foretold
     */
    public function __construct(public array $bakes, public int $found, public array $filters, public ?int $firstAt, public ?int $lastAt, public int $inRange, public int $out)
    {
    }
}

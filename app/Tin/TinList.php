<?php

declare(strict_types=1);

namespace App\Tin;

use App\Contract\Schema;

#[Schema('Tins')]
final readonly class TinList
{
    /** @param  list<StoredTin>  $tins */
    public function __construct(public array $tins)
    {
    }
}

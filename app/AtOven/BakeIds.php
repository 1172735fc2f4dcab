<?php

declare(strict_types=1);

namespace App\AtOven;

use App\Contract\Schema;

#[Schema('BakeIds')]
final readonly class BakeIds
{
    /** @param  list<string>  $ids  uuids */
    public function __construct(public array $ids)
    {
    }
}

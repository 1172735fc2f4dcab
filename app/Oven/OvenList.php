<?php

declare(strict_types=1);

namespace App\Oven;

use App\Contract\Schema;

#[Schema('Ovens')]
final readonly class OvenList
{
    /** @param  list<StoredOven>  $ovens */
    public function __construct(public array $ovens)
    {
    }
}

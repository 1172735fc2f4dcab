<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Schema;

#[Schema('SwapList')]
final readonly class SwapList
{
    /** @param  list<SwapAnswer>  $swaps */
    public function __construct(public array $swaps)
    {
    }
}

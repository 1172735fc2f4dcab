<?php

declare(strict_types=1);

namespace App\Pie;

use App\Contract\Schema;

#[Schema('PieList')]
final readonly class PieList
{
    /** @param  list<PieSummary>  $pies */
    public function __construct(public array $pies)
    {
    }
}

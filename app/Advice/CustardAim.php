<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Schema;

#[Schema('CustardAim')]
final readonly class CustardAim
{
    public function __construct(public float $gramsPerEgg, public float $fatPercent)
    {
    }
}

<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Schema;
use Hojaldre\Core\Custard\CustardStyle;

#[Schema('CustardSchool')]
final readonly class CustardSchool
{
    public function __construct(public CustardStyle $style, public float $gramsPerEgg)
    {
    }
}

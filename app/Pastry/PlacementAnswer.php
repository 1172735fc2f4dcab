<?php

declare(strict_types=1);

namespace App\Pastry;

use App\Contract\Schema;

#[Schema('Placement')]
final readonly class PlacementAnswer
{
    /** @param  int  $quarters  turns of 90 degrees */
    public function __construct(public float $xMm, public float $yMm, public int $quarters)
    {
    }
}

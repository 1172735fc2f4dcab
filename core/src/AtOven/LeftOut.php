<?php

declare(strict_types=1);

namespace Hojaldre\Core\AtOven;

/** A reading that is not counted, and why. */
final readonly class LeftOut
{
    /** @param  float  $minute  since it went in */
    public function __construct(public float $minute, public float $celsius, public LeftOutWhy $why)
    {
    }
}

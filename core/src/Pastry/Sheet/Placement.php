<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Sheet;

/** Where one piece lies: its middle (of a half-moon the middle of its straight side), and how far it is turned to the right. */
final readonly class Placement
{
    /** @param  int  $quarters  turns of 90 degrees */
    public function __construct(public float $xMm, public float $yMm, public int $quarters = 0)
    {
    }
}

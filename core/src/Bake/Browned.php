<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/** How brown a pie came out, where 1 is golden. */
final readonly class Browned
{
    public function __construct(public float $topIndex, public float $rimIndex, public float $undersideIndex, public float $insideIndex)
    {
    }
}

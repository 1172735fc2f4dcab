<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Dough;

use Hojaldre\Core\Document\Number;

/** One addition of water to a dough. */
final readonly class Go
{
    public function __construct(#[Number(0.1, 20000, 'g')] public float $grams)
    {
    }
}

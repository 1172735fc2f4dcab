<?php

declare(strict_types=1);

namespace Hojaldre\Core\Seasoning;

/** One thing that brings salt. */
final readonly class SaltSource
{
    /** @param  bool  $isKept  kept from how the food was prepared, not its own */
    public function __construct(public string $food, public bool $isKept, public float $grams)
    {
    }
}

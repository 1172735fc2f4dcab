<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

/** A way to drive water off before the oven, and what it leaves of the bought weight (common practice, no source). */
final readonly class Preparation
{
    public function __construct(
        public string $name,
        public string $how,
        public float $yieldLow,
        public float $yieldHigh,
        public int $minutesLow,
        public int $minutesHigh,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

use Hojaldre\Core\Document\Number;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Document\Whole;

/** A way to drive water off before the oven, and what it leaves of the bought weight (common practice, no source). */
final readonly class Preparation
{
    /**
     * @param  float  $yieldLow  share of the bought weight left
     * @param  float  $yieldHigh  share of the bought weight left
     */
    public function __construct(
        #[Text(1, 60)] public string $name,
        #[Text(1, 200)] public string $how,
        #[Number(0, 1, 'of the bought weight')] public float $yieldLow,
        #[Number(0, 1, 'of the bought weight')] public float $yieldHigh,
        #[Whole(0, 600)] public int $minutesLow,
        #[Whole(0, 600)] public int $minutesHigh,
    ) {
    }

    /** The middle of what it takes. */
    public function minutes(): float
    {
        return ($this->minutesLow + $this->minutesHigh) / 2;
    }
}

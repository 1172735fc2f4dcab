<?php

declare(strict_types=1);

namespace Hojaldre\Core\Oven;

use Hojaldre\Core\Document\Number;

/** How this kitchen differs from what the forecast would think, as far as its own bakes tell: accepted by the cook. */
final readonly class Matched
{
    /**
     * @param  float  $ovenKelvins  hotter than it is thought to be
     * @param  float  $fromBelowFactor  heat that comes in through the floor, against the usual
     * @param  float  $weepFactor  water that vegetables and meat let go, against the usual
     */
    public function __construct(
        #[Number(-60, 60, 'K')] public float $ovenKelvins,
        #[Number(0.3, 3, 'of the usual')] public float $fromBelowFactor,
        #[Number(0.2, 3, 'of the usual')] public float $weepFactor,
    ) {
    }
}

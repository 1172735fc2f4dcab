<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/** One way in which a bake differs from the forecast; 1 and 0 are the forecast itself. */
final readonly class BakeDeviation
{
    /**
     * @param  float  $heatTransferFactor  of convection and radiation
     * @param  float  $ovenKelvins  hotter than it is thought to be
     * @param  float  $weepFactor  of what the solids let go
     * @param  float  $uptakeFactor  of how fast the crust takes up water
     */
    public function __construct(
        public float $heatTransferFactor = 1.0,
        public float $ovenKelvins = 0.0,
        public float $weepFactor = 1.0,
        public float $uptakeFactor = 1.0,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/** One way in which a kitchen differs from the forecast; 1 and 0 are the forecast itself. */
final readonly class BakeDeviation
{
    /**
     * @param  float  $heatTransfer  factor of convection and radiation
     * @param  float  $ovenKelvins  hotter than it is thought to be
     * @param  float  $weep  factor of what the solids let go
     * @param  float  $uptake  factor of how fast the crust takes up
     * @param  float  $setKelvins  sets later than thought
     * @param  float  $startKelvins  goes in warmer than thought
     * @param  float  $browning  factor of how fast it browns
     */
    public function __construct(
        public float $heatTransfer = 1.0,
        public float $ovenKelvins = 0.0,
        public float $weep = 1.0,
        public float $uptake = 1.0,
        public float $setKelvins = 0.0,
        public float $startKelvins = 0.0,
        public float $browning = 1.0,
    ) {
    }
}

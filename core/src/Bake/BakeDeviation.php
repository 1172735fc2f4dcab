<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/** One way in which a bake differs from the forecast; 1 and 0 are the forecast itself. */
final readonly class BakeDeviation
{
    /**
     * @param  float  $heatTransferFactor  of convection and radiation
     * @param  float  $ovenKelvins  hotter than it is thought to be
     * @param  float  $fromBelowFactor  of what comes in through the floor alone
     * @param  float  $weepFactor  of what the solids let go
     * @param  float  $uptakeFactor  of how fast the crust takes up water
     * @param  float  $setKelvins  hotter that the custard sets
     * @param  float  $brownFactor  of how fast all of it browns
     * @param  float  $startKelvins  warmer that the filling goes in
     * @param  float  $crustFactor  of how thick the crust is rolled
     * @param  float  $fillingFactor  of how much filling there is
     */
    public function __construct(
        public float $heatTransferFactor = 1.0,
        public float $ovenKelvins = 0.0,
        public float $fromBelowFactor = 1.0,
        public float $weepFactor = 1.0,
        public float $uptakeFactor = 1.0,
        public float $setKelvins = 0.0,
        public float $brownFactor = 1.0,
        public float $startKelvins = 0.0,
        public float $crustFactor = 1.0,
        public float $fillingFactor = 1.0,
    ) {
    }

    /** Both at once: factors multiply, kelvins add. */
    public function with(self $other): self
    {
        return new self(
            $this->heatTransferFactor * $other->heatTransferFactor, $this->ovenKelvins + $other->ovenKelvins, $this->fromBelowFactor * $other->fromBelowFactor,
            $this->weepFactor * $other->weepFactor, $this->uptakeFactor * $other->uptakeFactor, $this->setKelvins + $other->setKelvins,
            $this->brownFactor * $other->brownFactor, $this->startKelvins + $other->startKelvins, $this->crustFactor * $other->crustFactor, $this->fillingFactor * $other->fillingFactor,
        );
    }
}

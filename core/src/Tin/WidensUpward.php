<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tin;

use Hojaldre\Core\Refusal\Refusal;

/** The rule of every tin with two diameters. */
trait WidensUpward
{
    public function refusals(): array
    {
        return $this->rimDiameterMm < $this->floorDiameterMm ? [new Refusal('rim-narrower-than-floor', '/rimDiameterMm')] : [];
    }
}

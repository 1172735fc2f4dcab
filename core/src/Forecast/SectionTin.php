<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast;

use Hojaldre\Core\Tin\Tin;

/** The tin of a section, half of it. */
final readonly class SectionTin
{
    /**
     * @param  float  $linedFloorRadiusMm  inside its crust
     * @param  Tin  $whole  the tin as it is
     */
    private function __construct(
        public float $depthMm,
        public float $floorRadiusMm,
        public float $rimRadiusMm,
        public float $crustMm,
        public float $linedFloorRadiusMm,
        public float $linedRimRadiusMm,
        public Tin $whole,
    ) {
    }

    public static function of(Tin $tin, Tin $lined, float $crustMm, float $wallMm): self
    {
        return new self(
            $tin->depthMm() + $wallMm, $tin->radiusMm(0) + $wallMm, $tin->radiusMm($tin->depthMm()) + $wallMm, $crustMm,
            $lined->radiusMm(0), $lined->radiusMm($lined->depthMm()), $tin,
        );
    }
}

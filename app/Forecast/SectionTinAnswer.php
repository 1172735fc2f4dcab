<?php

declare(strict_types=1);

namespace App\Forecast;

use App\Contract\Schema;
use Hojaldre\Core\Forecast\SectionTin;

#[Schema('SectionTin')]
final readonly class SectionTinAnswer
{
    private function __construct(
        public float $depthMm,
        public float $floorRadiusMm,
        public float $rimRadiusMm,
        public float $crustMm,
        public float $linedFloorRadiusMm,
        public float $linedRimRadiusMm,
    ) {
    }

    public static function of(SectionTin $tin): self
    {
        return new self(
            round($tin->depthMm, 2), round($tin->floorRadiusMm, 2), round($tin->rimRadiusMm, 2), $tin->crustMm, round($tin->linedFloorRadiusMm, 2), round($tin->linedRimRadiusMm, 2),
        );
    }
}

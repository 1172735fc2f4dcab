<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tin;

use Hojaldre\Core\Document\Number;

/**
 * A dish of whatever shape, measured by filling it with water to the rim: reckoned as a round one with an upright wall of the
 * same depth and volume. A curved dish holds a little less near its floor than this says.
 */
final readonly class MeasuredDish implements Tin
{
    /** @param  float  $waterMl to the rim */
    public function __construct(
        #[Number(100, 20000, 'ml')] public float $waterMl,
        #[Number(self::LEAST_DEPTH_MM, self::MOST_DEPTH_MM, 'mm')] public float $depthMm,
    ) {
    }

    public function depthMm(): float
    {
        return $this->depthMm;
    }

    public function radiusMm(float $heightMm): float
    {
        return $this->alike()->radiusMm($heightMm);
    }

    public function floorAreaMm2(): float
    {
        return $this->alike()->floorAreaMm2();
    }

    public function wallAreaMm2(): float
    {
        return $this->alike()->wallAreaMm2();
    }

    public function volumeMl(float $depthMm): float
    {
        return $this->alike()->volumeMl($depthMm);
    }

    public function depthForVolumeMm(float $millilitres): float
    {
        return $this->alike()->depthForVolumeMm($millilitres);
    }

    public function lined(float $thicknessMm): StraightTin
    {
        return $this->alike()->lined($thicknessMm);
    }

    public function scaledInArea(float $factor): self
    {
        return new self($this->waterMl * $factor, $this->depthMm);
    }

    private function alike(): StraightTin
    {
        return new StraightTin(2 * sqrt($this->waterMl * 1000 / $this->depthMm / M_PI), $this->depthMm);
    }
}

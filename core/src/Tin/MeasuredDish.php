<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tin;

use Hojaldre\Core\Measure\Say;

/**
 * A dish of whatever shape, measured by filling it with water to the rim: reckoned as a round one with an upright wall of the
 * same depth and volume. A curved dish holds a little less near its floor than this says.
 */
final readonly class MeasuredDish implements Tin
{
    private RoundTin $alike;

    /** @param  float  $waterMl to the rim */
    public function __construct(private float $waterMl, private float $depthMm)
    {
        $this->alike = RoundTin::straight(2 * sqrt($waterMl * 1000 / $depthMm / M_PI), $depthMm);
    }

    public function depthMm(): float
    {
        return $this->depthMm;
    }

    public function radiusMm(float $heightMm): float
    {
        return $this->alike->radiusMm($heightMm);
    }

    public function floorAreaMm2(): float
    {
        return $this->alike->floorAreaMm2();
    }

    public function wallAreaMm2(): float
    {
        return $this->alike->wallAreaMm2();
    }

    public function volumeMl(float $depthMm): float
    {
        return $this->alike->volumeMl($depthMm);
    }

    public function depthForVolumeMm(float $millilitres): float
    {
        return $this->alike->depthForVolumeMm($millilitres);
    }

    public function lined(float $thicknessMm): RoundTin
    {
        return $this->alike->lined($thicknessMm);
    }

    public function scaledInArea(float $factor): self
    {
        return new self($this->waterMl * $factor, $this->depthMm);
    }

    public function label(): string
    {
        return sprintf('%s ml dish, %s cm deep', Say::number($this->waterMl), Say::number($this->depthMm / 10, 1));
    }

    public function across(): string
    {
        return 'of a round dish that holds as much';
    }

    public function toArray(): array
    {
        return ['shape' => 'measured-dish', 'waterMl' => $this->waterMl, 'depthMm' => $this->depthMm];
    }
}

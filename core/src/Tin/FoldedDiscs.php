<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tin;

use Hojaldre\Core\Document\Number;
use Hojaldre\Core\Document\Whole;

/**
 * No tin at all: discs of dough folded in half over a filling, pasties and hand pies. One disc of diameter D keeps a crimp of
 * 8 mm and becomes a pocket with r = D/2 - 8; full, it is 0.42 r high in the middle and 0.6 of that on the average of its
 * half circle, so V = 0.4 r3. 12 cm holds about 55 ml, 15 cm 120, 20 cm 310 (judgement, against what hand pies and pasties
 * commonly take).
 */
final readonly class FoldedDiscs implements Tin
{
    /** A limit of ours (definition). */
    public const LEAST_DISC_MM = 80.0;

    /** A limit of ours (definition). */
    public const MOST_DISC_MM = 300.0;

    private const CRIMP_MM = 8.0;

    private const HEIGHT_SHARE = 0.42;

    /** Mean depth of a full pocket to that in its middle. */
    public const MEAN_SHARE = 0.6;

    /**
     * @param  float  $discDiameterMm  before folding
     */
    public function __construct(
        #[Whole(1, 60)] public int $discs,
        #[Number(self::LEAST_DISC_MM, self::MOST_DISC_MM, 'mm')] public float $discDiameterMm,
    ) {
    }

    private function pocketMm(): float
    {
        return $this->discDiameterMm / 2 - self::CRIMP_MM;
    }

    /** Mean depth of a full pocket. */
    public function depthMm(): float
    {
        return self::MEAN_SHARE * self::HEIGHT_SHARE * $this->pocketMm();
    }

    /** Half the width of the half moon, from its middle to the crimp, as a short cylinder of the same area would have it. */
    public function radiusMm(float $heightMm): float
    {
        return $this->pocketMm() / M_SQRT2;
    }

    public function floorAreaMm2(): float
    {
        return $this->discs * M_PI_2 * $this->pocketMm() ** 2;
    }

    /** All the rest of the discs: the upper half and the crimp. */
    public function wallAreaMm2(): float
    {
        return $this->discs * M_PI * ($this->discDiameterMm / 2) ** 2 - $this->floorAreaMm2();
    }

    public function volumeMl(float $depthMm): float
    {
        return $this->floorAreaMm2() * $depthMm / 1000;
    }

    public function depthForVolumeMm(float $millilitres): float
    {
        return $millilitres * 1000 / $this->floorAreaMm2();
    }

    /** The pocket is the space inside the dough already. */
    public function lined(float $thicknessMm): self
    {
        return $this;
    }

    /** More discs of the same size, the nearest whole number. */
    public function scaledInArea(float $factor): self
    {
        return new self(max(1, (int) round($this->discs * $factor)), $this->discDiameterMm);
    }
}

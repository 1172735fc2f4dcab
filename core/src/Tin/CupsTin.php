<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tin;

use Hojaldre\Core\Document\Judged;
use Hojaldre\Core\Document\Number;
use Hojaldre\Core\Document\Whole;

/** A tray of muffin cups, all alike, filled to the same depth: areas and volumes are those of all cups together. */
final readonly class CupsTin implements Judged, Tin
{
    use WidensUpward;

    /** A limit of ours (definition). */
    private const LEAST_CUP_MM = 20;

    public function __construct(
        #[Whole(1, 48)] public int $cups,
        #[Number(self::LEAST_CUP_MM, self::MOST_MM, 'mm')] public float $floorDiameterMm,
        #[Number(self::LEAST_CUP_MM, self::MOST_MM, 'mm')] public float $rimDiameterMm,
        #[Number(self::LEAST_DEPTH_MM, self::MOST_DEPTH_MM, 'mm')] public float $depthMm,
    ) {
    }

    public function depthMm(): float
    {
        return $this->depthMm;
    }

    public function radiusMm(float $heightMm): float
    {
        return $this->cup()->radiusMm($heightMm);
    }

    public function floorAreaMm2(): float
    {
        return $this->cups * $this->cup()->floorAreaMm2();
    }

    public function wallAreaMm2(): float
    {
        return $this->cups * $this->cup()->wallAreaMm2();
    }

    public function volumeMl(float $depthMm): float
    {
        return $this->cups * $this->cup()->volumeMl($depthMm);
    }

    public function depthForVolumeMm(float $millilitres): float
    {
        return $this->cup()->depthForVolumeMm($millilitres / $this->cups);
    }

    public function lined(float $thicknessMm): self
    {
        return $this->of($this->cup()->lined($thicknessMm));
    }

    public function scaledInArea(float $factor): self
    {
        return $this->of($this->cup()->scaledInArea($factor));
    }

    private function cup(): Frustum
    {
        return new Frustum($this->floorDiameterMm / 2, $this->rimDiameterMm / 2, $this->depthMm);
    }

    private function of(Frustum $cup): self
    {
        return new self($this->cups, 2 * $cup->floorRadiusMm, 2 * $cup->rimRadiusMm, $cup->depthMm);
    }
}

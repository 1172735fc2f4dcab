<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tin;

/**
 * The inside of a round tin with a straight or a sloped wall: a cylinder or a frustum of a cone.
 * Frustum: V = pi h (R^2 + R r + r^2) / 3, wall = pi (R + r) s (elementary geometry).
 */
final readonly class Frustum
{
    public function __construct(
        public float $floorRadiusMm,
        public float $rimRadiusMm,
        public float $depthMm,
    ) {
    }

    public function radiusMm(float $heightMm): float
    {
        return $this->floorRadiusMm + $this->slope() * $heightMm;
    }

    public function floorAreaMm2(): float
    {
        return M_PI * $this->floorRadiusMm ** 2;
    }

    public function wallAreaMm2(): float
    {
        return M_PI * ($this->floorRadiusMm + $this->rimRadiusMm) * $this->depthMm * $this->slant();
    }

    public function volumeMl(float $depthMm): float
    {
        $r = $this->floorRadiusMm;
        $R = $this->radiusMm($depthMm);

        return M_PI * $depthMm * ($R * $R + $R * $r + $r * $r) / 3 / 1000;
    }

    public function depthForVolumeMm(float $millilitres): float
    {
        $r = $this->floorRadiusMm;
        $s = $this->slope();
        $straight = $millilitres * 1000 / (M_PI * $r * $r);
        // (r + s d)^3 = r^3 + 3 s V / pi loses its digits where the wall is almost upright
        if ($s * $straight < 1e-8 * $r) {
            return $straight;
        }

        return (($r ** 3 + 3 * $s * $millilitres * 1000 / M_PI) ** (1 / 3) - $r) / $s;
    }

    public function scaledInArea(float $factor): self
    {
        $f = sqrt($factor);

        return new self($this->floorRadiusMm * $f, $this->rimRadiusMm * $f, $this->depthMm);
    }

    public function lined(float $thicknessMm): self
    {
        $inset = $thicknessMm * $this->slant();

        return new self(
            max(1.0, $this->radiusMm($thicknessMm) - $inset),
            max(1.0, $this->rimRadiusMm - $inset),
            max(1.0, $this->depthMm - $thicknessMm),
        );
    }

    /** mm outward for each mm up */
    private function slope(): float
    {
        return ($this->rimRadiusMm - $this->floorRadiusMm) / $this->depthMm;
    }

    /** length along the wall for each mm up */
    private function slant(): float
    {
        return sqrt(1 + $this->slope() ** 2);
    }
}

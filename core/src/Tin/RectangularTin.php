<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tin;

use Hojaldre\Core\Document\Number;

/** A rectangular or square tin, its wall upright or sloped: a prism or a frustum of a pyramid (prismatoid formula, exact). */
final readonly class RectangularTin implements Tin
{
    /**
     * @param  float  $lengthMm  inside at the floor
     * @param  float  $widthMm  inside at the floor, the shorter one is the one the section goes across
     * @param  float  $flareMm  how much longer and wider it is at the rim, 0 where the wall is upright
     */
    public function __construct(
        #[Number(self::LEAST_MM, self::MOST_MM, 'mm')] public float $lengthMm,
        #[Number(self::LEAST_MM, self::MOST_MM, 'mm')] public float $widthMm,
        #[Number(self::LEAST_DEPTH_MM, self::MOST_DEPTH_MM, 'mm')] public float $depthMm,
        #[Number(0, 60, 'mm')] public float $flareMm,
    ) {
    }

    public function depthMm(): float
    {
        return $this->depthMm;
    }

    public function radiusMm(float $heightMm): float
    {
        return (min($this->lengthMm, $this->widthMm) + $this->flareAt($heightMm)) / 2;
    }

    public function floorAreaMm2(): float
    {
        return $this->areaMm2(0.0);
    }

    public function wallAreaMm2(): float
    {
        $slant = hypot($this->depthMm, $this->flareMm / 2);

        return 2 * ($this->lengthMm + $this->widthMm + $this->flareMm) * $slant;
    }

    public function volumeMl(float $depthMm): float
    {
        return $depthMm * ($this->areaMm2(0.0) + 4 * $this->areaMm2($depthMm / 2) + $this->areaMm2($depthMm)) / 6 / 1000;
    }

    public function depthForVolumeMm(float $millilitres): float
    {
        return $this->flareMm < 1e-9
            ? $millilitres * 1000 / $this->areaMm2(0.0)
            : Depth::holding($millilitres, $this->volumeMl(...), $this->areaMm2(...));
    }

    public function lined(float $thicknessMm): self
    {
        $inset = 2 * $thicknessMm * hypot(1.0, $this->flareMm / 2 / $this->depthMm);
        $grown = $this->flareAt($thicknessMm);

        return new self(
            max(2.0, $this->lengthMm + $grown - $inset),
            max(2.0, $this->widthMm + $grown - $inset),
            max(1.0, $this->depthMm - $thicknessMm),
            $this->flareMm - $grown,
        );
    }

    public function scaledInArea(float $factor): self
    {
        $f = sqrt($factor);

        return new self($this->lengthMm * $f, $this->widthMm * $f, $this->depthMm, $this->flareMm * $f);
    }

    private function flareAt(float $heightMm): float
    {
        return $this->flareMm * $heightMm / $this->depthMm;
    }

    private function areaMm2(float $heightMm): float
    {
        $flare = $this->flareAt($heightMm);

        return ($this->lengthMm + $flare) * ($this->widthMm + $flare);
    }
}

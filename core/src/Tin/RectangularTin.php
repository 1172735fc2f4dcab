<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tin;

use Hojaldre\Core\Measure\Say;

/** A rectangular or square tin, its wall upright or sloped: a prism or a frustum of a pyramid (prismatoid formula, exact). */
final readonly class RectangularTin implements Tin
{
    /**
     * @param  float  $lengthMm  inside at the floor
     * @param  float  $widthMm  inside at the floor, the shorter one is the one the section goes across
     * @param  float  $flareMm  how much longer and wider it is at the rim, 0 where the wall is upright
     */
    public function __construct(
        private float $lengthMm,
        private float $widthMm,
        private float $depthMm,
        private float $flareMm,
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

    public function label(): string
    {
        $square = abs($this->lengthMm - $this->widthMm) < 0.5;

        return sprintf(
            '%s cm %s tin, %s cm deep',
            $square ? Say::number(($this->lengthMm + $this->flareMm) / 10, 1) : Say::number(($this->lengthMm + $this->flareMm) / 10, 1).' × '.Say::number(($this->widthMm + $this->flareMm) / 10, 1),
            $square ? 'square' : 'rectangular',
            Say::number($this->depthMm / 10, 1),
        );
    }

    public function across(): string
    {
        return 'across the short side';
    }

    public function toArray(): array
    {
        return ['shape' => 'rectangular', 'lengthMm' => $this->lengthMm, 'widthMm' => $this->widthMm, 'depthMm' => $this->depthMm, 'flareMm' => $this->flareMm];
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

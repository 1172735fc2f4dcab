<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tin;

use Hojaldre\Core\Document\Judged;
use Hojaldre\Core\Document\Number;
use Hojaldre\Core\Document\Whole;

/**
 * A round tin with a fluted wall: r(theta) = m + a cos(n theta), m the mean radius, a half the depth of a flute.
 * Area pi (m^2 + a^2 / 2); volume is that over the height, m growing evenly. The outline is integrated by steps.
 */
final readonly class FlutedTin implements Judged, Tin
{
    use WidensUpward;

    /** of one flute; the outline repeats, so that few are enough (numerics). */
    private const STEPS = 32;

    /**
     * @param  float  $floorDiameterMm  inside, to the outermost of the flutes, at the floor
     * @param  float  $rimDiameterMm  the same at the rim, not less
     * @param  int  $flutes  around the tin
     * @param  float  $fluteMm  depth of a flute
     */
    public function __construct(
        #[Number(self::LEAST_MM, self::MOST_MM, 'mm')] public float $floorDiameterMm,
        #[Number(self::LEAST_MM, self::MOST_MM, 'mm')] public float $rimDiameterMm,
        #[Number(self::LEAST_DEPTH_MM, self::MOST_DEPTH_MM, 'mm')] public float $depthMm,
        #[Whole(6, 80)] public int $flutes,
        #[Number(0.5, 10, 'mm')] public float $fluteMm,
    ) {
    }

    public function depthMm(): float
    {
        return $this->depthMm;
    }

    public function radiusMm(float $heightMm): float
    {
        return $this->meanMm($heightMm);
    }

    public function floorAreaMm2(): float
    {
        return $this->areaMm2(0.0);
    }

    public function wallAreaMm2(): float
    {
        $slope = ($this->rimDiameterMm - $this->floorDiameterMm) / 2 / $this->depthMm;

        return $this->outlineMm($this->depthMm / 2) * $this->depthMm * sqrt(1 + $slope ** 2);
    }

    public function volumeMl(float $depthMm): float
    {
        // the area is a square of the height: Simpson's rule is exact
        return $depthMm * ($this->areaMm2(0.0) + 4 * $this->areaMm2($depthMm / 2) + $this->areaMm2($depthMm)) / 6 / 1000;
    }

    public function depthForVolumeMm(float $millilitres): float
    {
        return Depth::holding($millilitres, $this->volumeMl(...), $this->areaMm2(...));
    }

    public function lined(float $thicknessMm): self
    {
        $floor = 2 * ($this->meanMm($thicknessMm) + $this->fluteMm / 2 - $thicknessMm);

        return new self(
            max(2.0 + $this->fluteMm, $floor),
            max(2.0 + $this->fluteMm, $this->rimDiameterMm - 2 * $thicknessMm),
            max(1.0, $this->depthMm - $thicknessMm),
            $this->flutes,
            $this->fluteMm,
        );
    }

    public function scaledInArea(float $factor): self
    {
        $f = sqrt($factor);

        return new self($this->floorDiameterMm * $f, $this->rimDiameterMm * $f, $this->depthMm, $this->flutes, $this->fluteMm * $f);
    }

    private function meanMm(float $heightMm): float
    {
        $outer = $this->floorDiameterMm + ($this->rimDiameterMm - $this->floorDiameterMm) * $heightMm / $this->depthMm;

        return ($outer - $this->fluteMm) / 2;
    }

    private function areaMm2(float $heightMm): float
    {
        return M_PI * ($this->meanMm($heightMm) ** 2 + ($this->fluteMm / 2) ** 2 / 2);
    }

    private function outlineMm(float $heightMm): float
    {
        [$m, $a, $n] = [$this->meanMm($heightMm), $this->fluteMm / 2, $this->flutes];
        $sum = 0.0;
        for ($i = 0; $i < self::STEPS; $i++) {
            $turn = 2 * M_PI * ($i + 0.5) / self::STEPS;
            $sum += hypot($m + $a * cos($turn), $a * $n * sin($turn));
        }

        return $sum * 2 * M_PI / self::STEPS;
    }
}

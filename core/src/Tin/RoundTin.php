<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tin;

use Hojaldre\Core\Measure\Say;

/**
 * A round tin with a straight or a sloped wall: a cylinder or a frustum of a cone.
 * Frustum: V = pi h (R^2 + R r + r^2) / 3, wall = pi (R + r) s (elementary geometry).
 */
final readonly class RoundTin implements Tin
{
    /** @param  'round-straight'|'round-sloped'|'springform'  $shape */
    private function __construct(
        private string $shape,
        private float $floorRadiusMm,
        private float $rimRadiusMm,
        private float $depthMm,
    ) {
    }

    /** @param  float  $diameterMm inside */
    public static function straight(float $diameterMm, float $depthMm): self
    {
        return new self('round-straight', $diameterMm / 2, $diameterMm / 2, $depthMm);
    }

    /**
     * @param  float  $floorDiameterMm  inside, at the floor
     * @param  float  $rimDiameterMm  inside, at the rim
     */
    public static function sloped(float $floorDiameterMm, float $rimDiameterMm, float $depthMm): self
    {
        return new self('round-sloped', $floorDiameterMm / 2, $rimDiameterMm / 2, $depthMm);
    }

    /** A tin with a ring that opens: upright, and deep. */
    public static function springform(float $diameterMm, float $depthMm): self
    {
        return new self('springform', $diameterMm / 2, $diameterMm / 2, $depthMm);
    }

    public function depthMm(): float
    {
        return $this->depthMm;
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

    public function lined(float $thicknessMm): self
    {
        $inset = $thicknessMm * $this->slant();

        return new self(
            $this->shape,
            max(1.0, $this->radiusMm($thicknessMm) - $inset),
            max(1.0, $this->rimRadiusMm - $inset),
            max(1.0, $this->depthMm - $thicknessMm),
        );
    }

    public function scaledInArea(float $factor): self
    {
        $f = sqrt($factor);

        return new self($this->shape, $this->floorRadiusMm * $f, $this->rimRadiusMm * $f, $this->depthMm);
    }

    public function label(): string
    {
        return sprintf(
            '%s cm %s, %s cm deep',
            Say::number($this->rimRadiusMm / 5, 1),
            ['round-straight' => 'straight tin', 'round-sloped' => 'sloped tin', 'springform' => 'springform'][$this->shape],
            Say::number($this->depthMm / 10, 1),
        );
    }

    public function across(): string
    {
        return '';
    }

    public function toArray(): array
    {
        return $this->shape !== 'round-sloped'
            ? ['shape' => $this->shape, 'diameterMm' => $this->rimRadiusMm * 2, 'depthMm' => $this->depthMm]
            : ['shape' => $this->shape, 'floorDiameterMm' => $this->floorRadiusMm * 2, 'rimDiameterMm' => $this->rimRadiusMm * 2, 'depthMm' => $this->depthMm];
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

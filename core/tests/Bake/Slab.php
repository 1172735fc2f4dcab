<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Bake;

/**
 * A slab heated from both faces: one-term solution of Fourier's equation at the middle,
 * (Tinf - T)/(Tinf - T0) = C1 exp(-zeta^2 Fo), zeta tan zeta = Bi, C1 = 4 sin zeta / (2 zeta + sin 2 zeta)
 * (docs/sources.md#incropera). Good for Fo > 0.2.
 */
final readonly class Slab
{
    private function __construct(public float $zeta, public float $c1)
    {
    }

    /** @param  float  $biot h L / k with L half the thickness, 0.001 to 1000 */
    public static function withBiot(float $biot): self
    {
        // zeta tan zeta rises from 0 without bound on (0, pi/2): bisection cannot miss
        $low = 0.0;
        $high = M_PI_2;
        for ($i = 0; $i < 60; $i++) {
            $zeta = ($low + $high) / 2;
            if ($zeta * tan($zeta) < $biot) {
                $low = $zeta;
            } else {
                $high = $zeta;
            }
        }
        $zeta = ($low + $high) / 2;

        return new self($zeta, 4 * sin($zeta) / (2 * $zeta + sin(2 * $zeta)));
    }

    /** Fourier number at which the middle has this share of the first temperature difference left, 0 to 1. */
    public function fourierFor(float $shareLeft): float
    {
        return max(0.0, log($this->c1 / $shareLeft) / $this->zeta ** 2);
    }
}

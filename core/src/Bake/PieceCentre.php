<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/**
 * The middle of a piece of raw flesh in a filling that warms around it: a sphere whose surface has what the filling has there. The
 * series of the books (docs/sources.md#incropera, sphere, surface at once as warm as its surroundings),
 * T_mid = T_s - (T_s - T_0) sum 2 (-1)^(n+1) exp(-n^2 pi^2 a t / R^2), by Duhamel for a surface that warms: each step a straight line.
 */
final class PieceCentre
{
    /** Terms of the series; the last counts half, so that at the beginning they come to 1 (numerics). */
    private const TERMS = 12;

    /** @var list<float> what each term still is behind its surface, K */
    private array $behind = [];

    private ?float $surfaceCelsius = null;

    public function __construct(private readonly RawPiece $piece)
    {
    }

    /** After a step at whose end its surface has this, °C. */
    public function after(float $surfaceCelsius, float $seconds): float
    {
        // whatever lay around it before the first step is as good as what lies there at its end
        $rises = $surfaceCelsius - ($this->surfaceCelsius ?? $surfaceCelsius);
        $this->behind = $this->surfaceCelsius === null ? array_fill(0, self::TERMS, $surfaceCelsius - $this->piece->startCelsius) : $this->behind;
        $this->surfaceCelsius = $surfaceCelsius;
        $first = M_PI ** 2 * $this->piece->m2PerSecond / ($this->piece->radiusMm / 1000) ** 2;
        $middle = $surfaceCelsius;
        foreach ($this->behind as $n => $was) {
            $rate = $first * ($n + 1) ** 2;
            $stays = exp(-$rate * $seconds);
            $this->behind[$n] = $was * $stays + $rises * ($seconds > 0 ? (1 - $stays) / ($rate * $seconds) : 1.0);
            $middle -= ($n % 2 === 0 ? 2.0 : -2.0) * ($n === self::TERMS - 1 ? 0.5 : 1.0) * $this->behind[$n];
        }

        return $middle;
    }
}

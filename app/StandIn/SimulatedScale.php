<?php

declare(strict_types=1);

namespace App\StandIn;

/** A pan on a scale that loses weight as a pan would: quickly at first, then ever slower towards what stays. Time is an argument. */
final readonly class SimulatedScale
{
    /** After the named minutes this share of what can go is gone: 1 - 1/e^2.3 (definition). */
    private const GONE = 2.3;

    /** A scale of a kitchen shows whole grams. */
    private const STEP_GRAMS = 1.0;

    private function __construct(private float $tareGrams, private float $rawGrams, private float $floorGrams, private float $minutes, private float $since)
    {
    }

    public static function empty(): self
    {
        return new self(0.0, 0.0, 0.0, 1.0, 0.0);
    }

    /** @param  float  $now  seconds of any clock */
    public static function pan(float $tareGrams, float $rawGrams, float $floorGrams, float $minutes, float $now): self
    {
        return new self($tareGrams, $rawGrams, min($rawGrams, $floorGrams), max(0.01, $minutes), $now);
    }

    public function gramsAt(float $now): float
    {
        $stays = $this->floorGrams + ($this->rawGrams - $this->floorGrams) * exp(-self::GONE * max(0.0, $now - $this->since) / 60 / $this->minutes);

        return round(($this->tareGrams + $stays) / self::STEP_GRAMS) * self::STEP_GRAMS;
    }
}

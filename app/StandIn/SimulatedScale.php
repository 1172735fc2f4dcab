<?php

declare(strict_types=1);

namespace App\StandIn;

/** A pan on a scale that loses weight as a pan would: quickly at first, then ever slower towards what stays. Time is an argument. */
final class SimulatedScale implements SimulatedDevice
{
    /** After the named minutes this share of what can go is gone: 1 - 1/e^2.3 (definition). */
    private const GONE = 2.3;

    /** A scale of a kitchen shows whole grams. */
    private const STEP_GRAMS = 1.0;

    private float $tareGrams = 0.0;

    private float $rawGrams = 0.0;

    private float $floorGrams = 0.0;

    private float $minutes = 1.0;

    private float $since = 0.0;

    public function verbs(): array
    {
        return ['pan'];
    }

    public function line(float $now): string
    {
        return (string) json_encode(['grams' => $this->gramsAt($now), 'isStable' => true]);
    }

    public function take(string $verb, array $asked, float $now): ?string
    {
        $number = static fn (string $name): ?float => is_numeric($asked[$name] ?? null) ? (float) $asked[$name] : null;
        [$tare, $raw, $floor, $minutes] = [$number('tareGrams'), $number('rawGrams'), $number('floorGrams'), $number('minutes')];
        if ($tare === null || $raw === null || $floor === null || $minutes === null) {
            return 'Send tareGrams, rawGrams, floorGrams and minutes as numbers.';
        }
        [$this->tareGrams, $this->rawGrams, $this->floorGrams, $this->minutes, $this->since] = [$tare, $raw, min($raw, $floor), max(0.01, $minutes), $now];

        return null;
    }

    private function gramsAt(float $now): float
    {
        $stays = $this->floorGrams + ($this->rawGrams - $this->floorGrams) * exp(-self::GONE * max(0.0, $now - $this->since) / 60 / $this->minutes);

        return round(($this->tareGrams + $stays) / self::STEP_GRAMS) * self::STEP_GRAMS;
    }
}

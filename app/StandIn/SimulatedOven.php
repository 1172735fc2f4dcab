<?php

declare(strict_types=1);

namespace App\StandIn;

/** A thermometer in an oven: it heats up, its thermostat goes up and down, its door lets heat out, and its dial lies. */
final class SimulatedOven implements SimulatedDevice
{
    private const KITCHEN_CELSIUS = 21.0;

    /** A domestic oven gains so much a minute; its thermostat swings so far, once in so many minutes; the door costs so much for so long (judgement). */
    private const GAINS_A_MINUTE = 10.0;

    private const SWINGS_KELVINS = 4.0;

    private const SWINGS_MINUTES = 6.0;

    private const DOOR_KELVINS = 30.0;

    private const DOOR_MINUTES = 6.0;

    private float $dialCelsius = 0.0;

    private float $fromCelsius = self::KITCHEN_CELSIUS;

    private float $since = 0.0;

    private float $doorAt = -INF;

    /**
     * @param  float  $runsByKelvins  hotter than its dial says
     * @param  float  $speed  seconds of the oven in one of the clock
     */
    public function __construct(private readonly float $runsByKelvins, private readonly float $speed)
    {
    }

    public function verbs(): array
    {
        return ['dial', 'door'];
    }

    public function take(string $verb, array $asked, float $now): ?string
    {
        if ($verb === 'door') {
            $this->doorAt = $now;

            return null;
        }
        $dial = $asked['celsius'] ?? null;
        if (! is_numeric($dial)) {
            return 'Send celsius as a number: what the dial is set to, 0 for off.';
        }
        [$this->fromCelsius, $this->dialCelsius, $this->since] = [$this->celsius($now), (float) $dial, $now];

        return null;
    }

    public function line(float $now): string
    {
        return (string) json_encode(['celsius' => round($this->celsius($now), 1)]);
    }

    private function celsius(float $now): float
    {
        $minutes = ($now - $this->since) * $this->speed / 60;
        $wanted = $this->dialCelsius <= 0 ? self::KITCHEN_CELSIUS : $this->dialCelsius + $this->runsByKelvins;
        $way = $wanted - $this->fromCelsius;
        $there = abs($way) / self::GAINS_A_MINUTE;
        $heat = $minutes < $there ? $this->fromCelsius + $way * $minutes / $there : $wanted + ($this->dialCelsius <= 0 ? 0.0 : self::SWINGS_KELVINS * sin(2 * M_PI * ($minutes - $there) / self::SWINGS_MINUTES));

        return $heat - self::DOOR_KELVINS * exp(-max(0.0, $now - $this->doorAt) * $this->speed / 60 / self::DOOR_MINUTES);
    }
}

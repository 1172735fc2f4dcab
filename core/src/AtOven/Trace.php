<?php

declare(strict_types=1);

namespace Hojaldre\Core\AtOven;

use Hojaldre\Core\Safety\Lethality;

/** What a probe in the middle measured, minute by minute, with what cannot be left out (docs/formats/probe.md). */
final readonly class Trace
{
    /** No food in an oven and no fridge is hotter or colder, °C (definition). */
    private const LEAST_CELSIUS = -30.0;

    private const MOST_CELSIUS = 130.0;

    /** No middle of a pie is hotter, °C: it boils (definition). */
    private const HOTTEST_MIDDLE_CELSIUS = 101.0;

    /** A probe is silent when it said nothing for so long, min (definition). */
    public const SILENT_MINUTES = 2.0;

    /** A value holds for so long around it, min (definition). */
    private const NEAR_MINUTES = 1.5;

    /** In an oven a middle only warms: what was read before is worth no more than what is read later, with so much for noise, K (judgement). */
    private const NOISE_KELVINS = 1.0;

    /** So long, and by so many readings one after the other, it has to be hot enough (definition). */
    private const HELD_MINUTES = 1.0;

    private const HELD_READINGS = 3;

    /**
     * @param  list<float>  $minutes  since it went in, rising
     * @param  list<float>  $celsius
     * @param  list<bool>  $joined  whether nothing was left out between a reading and the one before it
     * @param  list<LeftOut>  $left  readings that no middle of this pie can have
     * @param  float  $outMinute  when it came out, INF while it is in
     * @param  bool  $isTrusted  whether the probe is taken to be in the middle still
     */
    private function __construct(public array $minutes, public array $celsius, private array $joined, public array $left, private float $outMinute, public bool $isTrusted)
    {
    }

    /**
     * All of what was read that is a temperature of food.
     *
     * @param  list<array{float, float}>  $readings  minutes and °C in any order; of two at one time the last holds
     */
    public static function of(array $readings): self
    {
        $minutes = $celsius = $joined = $left = [];
        $isJoined = true;
        foreach (self::sorted($readings) as [$minute, $value]) {
            if (self::isFood($value)) {
                [$minutes[], $celsius[], $joined[]] = [$minute, $value, $isJoined];
                $isJoined = true;
            } else {
                $left[] = new LeftOut($minute, $value, LeftOutWhy::NoFood);
                $isJoined = false;
            }
        }

        return new self($minutes, $celsius, $joined, $left, INF, true);
    }

    /**
     * As it was sifted (ProbeCheck).
     *
     * @param  list<array{float, float, bool}>  $good  minute, °C, joined to the one before
     * @param  list<LeftOut>  $left
     */
    public static function sifted(array $good, array $left, float $outMinute, bool $isTrusted): self
    {
        return new self(array_column($good, 0), array_column($good, 1), array_column($good, 2), $left, $outMinute, $isTrusted);
    }

    /**
     * @param  list<array{float, float}>  $readings
     * @return list<array{float, float}> by time; of two at one time the last
     */
    public static function sorted(array $readings): array
    {
        $by = [];
        foreach ($readings as [$minute, $celsius]) {
            $by[(string) round($minute, 3)] = [$minute, $celsius];
        }
        usort($by, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return $by;
    }

    public static function isFood(float $celsius): bool
    {
        return $celsius >= self::LEAST_CELSIUS && $celsius <= self::MOST_CELSIUS;
    }

    public function isEmpty(): bool
    {
        return $this->minutes === [];
    }

    /** The last that was read is the oven's air and not the pie: it moved, and is hotter than any middle. */
    public function fellOut(): bool
    {
        $last = $this->left[count($this->left) - 1] ?? null;

        return ! $this->isTrusted && $last !== null && $last->minute > $this->lastMinute() && $last->celsius > self::HOTTEST_MIDDLE_CELSIUS;
    }

    /** The same up to a minute. */
    public function until(float $minute): self
    {
        $kept = count(array_filter($this->minutes, static fn (float $one): bool => $one <= $minute));

        return new self(array_slice($this->minutes, 0, $kept), array_slice($this->celsius, 0, $kept), array_slice($this->joined, 0, $kept), $this->left, $this->outMinute, $this->isTrusted);
    }

    /** 0 before the first. */
    public function lastMinute(): float
    {
        return $this->minutes[count($this->minutes) - 1] ?? 0.0;
    }

    public function lastCelsius(): ?float
    {
        return $this->celsius[count($this->celsius) - 1] ?? null;
    }

    /** The mean of what was measured around a minute; null where nothing was. */
    public function celsiusNear(float $minute): ?float
    {
        $near = array_filter($this->celsius, fn (int $i): bool => abs($this->minutes[$i] - $minute) <= self::NEAR_MINUTES, ARRAY_FILTER_USE_KEY);
        if ($near === []) {
            return null;
        }
        $times = array_intersect_key($this->minutes, $near);
        $slope = $this->slope($near, $times);

        return array_sum($near) / count($near) + $slope * ($minute - array_sum($times) / count($times));
    }

    /**
     * @param  array<int, float>  $near
     * @param  array<int, float>  $times
     */
    private function slope(array $near, array $times): float
    {
        [$m, $t] = [array_sum($near) / count($near), array_sum($times) / count($times)];
        $squares = array_sum(array_map(static fn (float $time): float => ($time - $t) ** 2, $times));

        return $squares < 1e-6 ? 0.0 : array_sum(array_map(static fn (float $celsius, float $time): float => ($celsius - $m) * ($time - $t), $near, $times)) / $squares;
    }

    /** What it was worth so far, in minutes at 70 °C, by a probe that may read this much too high; gaps and what was left out count nothing. */
    public function lethalMinutes(float $readsHighKelvins): float
    {
        $sum = 0.0;
        $worth = $this->worth();
        for ($i = 1; $i < count($this->minutes); $i++) {
            $sum += $this->follows($i) ? ($this->minutes[$i] - $this->minutes[$i - 1]) * Lethality::minutesWorth(min($worth[$i], $worth[$i - 1]) - $readsHighKelvins) : 0.0;
        }

        return $sum;
    }

    /** When it had been so hot for a minute without a gap; null where it was not, or where later readings in the oven are colder. */
    public function heldFrom(float $celsius): ?float
    {
        $since = null;
        $readings = 0;
        foreach ($this->worth() as $i => $worth) {
            $goesOn = $since !== null && $this->follows($i);
            [$since, $readings] = $worth < $celsius ? [null, 0] : ($goesOn ? [$since, $readings + 1] : [$this->minutes[$i], 1]);
            if ($since !== null && $readings >= self::HELD_READINGS && self::HELD_MINUTES - 1e-6 <= $this->minutes[$i] - $since) {
                return $this->minutes[$i];
            }
        }

        return null;
    }

    private function follows(int $i): bool
    {
        return $i > 0 && $this->joined[$i] && $this->minutes[$i] - $this->minutes[$i - 1] <= self::SILENT_MINUTES;
    }

    /** @return list<float> what each reading counts for, °C: in the oven never more than what comes after it */
    private function worth(): array
    {
        $worth = $this->celsius;
        $later = INF;
        for ($i = count($worth) - 1; $i >= 0; $i--) {
            if ($this->minutes[$i] <= $this->outMinute) {
                $later = min($later, $this->celsius[$i]);
                $worth[$i] = min($this->celsius[$i], $later + self::NOISE_KELVINS);
            }
        }

        return array_values($worth);
    }

    /** When it fell below a temperature for the first time after a minute; null where it did not. */
    public function fallsBelow(float $celsius, float $afterMinute): ?float
    {
        foreach ($this->minutes as $i => $minute) {
            if ($minute >= $afterMinute && $this->celsius[$i] <= $celsius) {
                return $minute;
            }
        }

        return null;
    }
}

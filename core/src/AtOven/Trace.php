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

    /** The middle of a pie does not change faster, K a minute (judgement: four times what the simulated ones do). */
    private const FASTEST_KELVINS = 12.0;

    /** A probe that is pulled and put back may read so much at once (definition): after so many that agree with each other the new level is believed. */
    private const BELIEVED_AFTER = 5;

    /** A probe is silent when it said nothing for so long, min (definition). */
    public const SILENT_MINUTES = 2.0;

    /** A value holds for so long around it, min (definition). */
    private const NEAR_MINUTES = 1.5;

    /**
     * @param  list<float>  $minutes  since it went in, rising
     * @param  list<float>  $celsius
     * @param  int  $leftOut  readings that no middle of a pie can have
     */
    private function __construct(public array $minutes, public array $celsius, public int $leftOut)
    {
    }

    /** @param  list<array{float, float}>  $readings minutes and °C in any order; of two at one time the last holds */
    public static function of(array $readings): self
    {
        $by = [];
        foreach ($readings as [$minute, $celsius]) {
            $by[(string) round($minute, 3)] = [$minute, $celsius];
        }
        usort($by, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $minutes = $kept = $doubted = [];
        foreach ($by as [$minute, $celsius]) {
            if (! ($celsius >= self::LEAST_CELSIUS && $celsius <= self::MOST_CELSIUS)) {
                continue;
            }
            $last = count($minutes) - 1;
            if ($last < 0 || self::follows($minutes[$last], $kept[$last], $minute, $celsius)) {
                [$minutes[], $kept[]] = [$minute, $celsius];
                $doubted = [];

                continue;
            }
            $before = $doubted[count($doubted) - 1] ?? null;
            $doubted = $before === null || self::follows($before[0], $before[1], $minute, $celsius) ? [...$doubted, [$minute, $celsius]] : [[$minute, $celsius]];
            if (count($doubted) >= self::BELIEVED_AFTER) {
                // it was read elsewhere before: what agrees now is where it is
                foreach ($doubted as [$at, $value]) {
                    [$minutes[], $kept[]] = [$at, $value];
                }
                $doubted = [];
            }
        }

        return new self($minutes, $kept, count($readings) - count($minutes));
    }

    private static function follows(float $fromMinute, float $from, float $toMinute, float $to): bool
    {
        return abs($to - $from) <= self::FASTEST_KELVINS * max(0.25, $toMinute - $fromMinute);
    }

    public function isEmpty(): bool
    {
        return $this->minutes === [];
    }

    /** The same up to a minute. */
    public function until(float $minute): self
    {
        $kept = count(array_filter($this->minutes, static fn (float $one): bool => $one <= $minute));

        return new self(array_slice($this->minutes, 0, $kept), array_slice($this->celsius, 0, $kept), $this->leftOut);
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

    /** What it was worth so far, in minutes at 70 °C, by a probe that may read this much too high; gaps count nothing. */
    public function lethalMinutes(float $readsHighKelvins): float
    {
        $sum = 0.0;
        for ($i = 1; $i < count($this->minutes); $i++) {
            $minutes = $this->minutes[$i] - $this->minutes[$i - 1];
            if ($minutes <= self::SILENT_MINUTES) {
                $sum += $minutes * Lethality::minutesWorth(min($this->celsius[$i], $this->celsius[$i - 1]) - $readsHighKelvins);
            }
        }

        return $sum;
    }

    /** When it went above or below a temperature for the first time after a minute; null where it did not. */
    public function passes(float $celsius, bool $upwards, float $afterMinute = 0.0): ?float
    {
        foreach ($this->minutes as $i => $minute) {
            if ($minute >= $afterMinute && ($upwards ? $this->celsius[$i] >= $celsius : $this->celsius[$i] <= $celsius)) {
                return $minute;
            }
        }

        return null;
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/**
 * How far the custard is, step by step; and, once it has rested, when it could have been taken out. A pie is taken out before its
 * middle has its set temperature, because the edge goes on warming the middle on the rack: ready is where
 * cold + f (mean - cold) >= T_set, with f as this pie itself carried over in its simulated rest.
 */
final class CustardWatch
{
    /** Carry-over of a pie that came out too cold to tell, and between which it lies, K a K of mean above coldest (fitted, a result of the model). */
    private const CARRIES = 0.31;

    private const CARRIES_LEAST = 0.1;

    private const CARRIES_MOST = 0.6;

    private const TELLS_FROM_KELVINS = 3.0;

    /** So many minutes of its last rate the rest adds, at most and where it cannot be told (fitted, a result of the model). */
    private const RESTS_MINUTES = 3.0;

    private const RESTS_MOST_MINUTES = 10.0;

    /** So far from set nothing has to be noted yet, K (numerics). */
    private const FAR_KELVINS = 25.0;

    /** @var list<array{float, float, float, float, float}> minutes; coldest and mean, °C; measures of over-cooking of the middle and how many a minute */
    private array $steps = [];

    private int $out = -1;

    private float $restCelsius = -INF;

    private float $restDose = 0.0;

    public function __construct(private readonly CellSums $sums, private readonly float $setsAtCelsius)
    {
    }

    public function at(float $minutes, Cells $cells, float $coldCelsius): void
    {
        if ($coldCelsius < $this->setsAtCelsius - self::FAR_KELVINS) {
            return;
        }
        $this->steps[] = [$minutes, $coldCelsius, $this->sums->fillingCelsius($cells), $this->sums->middleDose($cells), $this->sums->middleRate($cells, $this->setsAtCelsius)];
    }

    public function takenOut(): void
    {
        $this->out = count($this->steps) - 1;
    }

    /** @param  float  $coldCelsius  of the cell that was coldest when it came out */
    public function rests(Cells $cells, float $coldCelsius): void
    {
        $this->restCelsius = max($this->restCelsius, $coldCelsius);
        $this->restDose = $this->sums->middleDose($cells);
    }

    /** Of the middle when it has rested. */
    public function dose(): float
    {
        return $this->restDose;
    }

    /** The most its coldest point got, °C. */
    public function peakCelsius(): float
    {
        return max($this->restCelsius, $this->steps[$this->out][1] ?? -INF);
    }

    /** Minute from which it may come out and gets within so many K of set on the rack; INF where it was not reached. */
    public function readyMinute(float $shortKelvins = 0.0): float
    {
        $carries = $this->carries();
        $wanted = $this->setsAtCelsius - $shortKelvins;

        return $this->first(static fn (array $step): float => $step[1] + $carries * ($step[2] - $step[1]) - $wanted);
    }

    /** Minute from which it has had so many measures of over-cooking when it has rested; INF where it was not reached. */
    public function doseMinute(float $dose): float
    {
        $minutes = $this->restsMinutes();

        return $this->first(static fn (array $step): float => $step[3] + $minutes * $step[4] - $dose);
    }

    private function carries(): float
    {
        [, $cold, $mean] = $this->steps[$this->out] ?? [0.0, 0.0, 0.0];

        return $mean - $cold < self::TELLS_FROM_KELVINS ? self::CARRIES : max(self::CARRIES_LEAST, min(self::CARRIES_MOST, ($this->restCelsius - $cold) / ($mean - $cold)));
    }

    private function restsMinutes(): float
    {
        [, , , $dose, $rate] = $this->steps[$this->out] ?? [0.0, 0.0, 0.0, 0.0, 0.0];

        return $rate < 1e-3 ? self::RESTS_MINUTES : max(0.0, min(self::RESTS_MOST_MINUTES, ($this->restDose - $dose) / $rate));
    }

    /** @param  callable(array{float, float, float, float, float}): float  $past */
    private function first(callable $past): float
    {
        $before = -INF;
        $beforeMinutes = 0.0;
        foreach ($this->steps as $step) {
            $now = $past($step);
            if ($now >= 0) {
                return is_finite($before) ? $step[0] - ($step[0] - $beforeMinutes) * $now / ($now - $before) : $step[0];
            }
            [$before, $beforeMinutes] = [$now, $step[0]];
        }

        return INF;
    }
}

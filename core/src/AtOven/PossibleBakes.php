<?php

declare(strict_types=1);

namespace Hojaldre\Core\AtOven;

use Hojaldre\Core\Bake\BakeCurves;
use Hojaldre\Core\Bake\BakeDeviation;
use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Bake\BakeInput;
use Hojaldre\Core\Bake\BakeResult;
use Hojaldre\Core\Bake\Resolution;
use Hojaldre\Core\Bake\Simulation;
use Hojaldre\Core\Forecast\Kitchens;
use Hojaldre\Core\Measure\Elimination;

/**
 * A handful of ways in which one bake may go, each in a kitchen drawn from the table of doubts. What is seen weighs them by how likely
 * it would be said of each; what is measured moves them by how the time to be ready goes with the trace among them (conditioning of a
 * joint normal distribution, docs/model.md#at-the-oven).
 */
final readonly class PossibleBakes
{
    /** So many are baked (numerics: twice as many move no range by a tenth). */
    public const COUNT = 48;

    private const SEED = 7;

    /** Longer than this nothing is followed, min (definition). */
    private const LONGEST_MINUTES = 300;

    /** Of a probe in the middle: how far it is off as a whole, with where it was put, and each of its figures beside that, K, one standard deviation (judgement). */
    private const PROBE_OFF_KELVINS = 1.0;

    private const PROBE_NOISE_KELVINS = 0.4;

    /** The trace is asked at these shares of the time since it went in (numerics). */
    private const ASKED_AT = [0.25, 0.5, 0.75, 1.0];

    /** 8 in 10 of a normal distribution lie within so many standard deviations (a table of the normal distribution). */
    private const EIGHT_IN_TEN = 1.2816;

    /** @param  non-empty-list<PossibleBake>  $bakes */
    public function __construct(public array $bakes)
    {
    }

    public static function of(BakeInput $input, ?BakeDeviation $known = null): self
    {
        $bakes = array_map(
            static fn (BakeDeviation $kitchen): PossibleBake => self::run($input, $known === null ? $kitchen : $known->with($kitchen)),
            Kitchens::drawn(self::COUNT, self::SEED),
        );

        return $bakes === [] ? throw new \LogicException('Nothing was drawn.') : new self($bakes);
    }

    public static function run(BakeInput $input, BakeDeviation $kitchen): PossibleBake
    {
        return self::from(Simulation::run($input, $kitchen, Resolution::coarse()), $input);
    }

    public static function from(BakeResult $result, BakeInput $input): PossibleBake
    {
        $celsius = self::byTheMinute($result, static fn (BakeCurves $curves): array => $curves->centreCelsius);

        return new PossibleBake($celsius, self::byTheMinute($result, static fn (BakeCurves $curves): array => $curves->trembleMm), self::ready($result, $input, count($celsius)), min((float) count($celsius), $result->minute(BakeEvent::Golden)));
    }

    /** When its middle may come out: set where it has to set, safe, raw roots tender; as late as was followed where it never gets there. */
    public static function ready(BakeResult $result, BakeInput $input, float $latest): float
    {
        return min($latest, max(
            $result->minute(BakeEvent::Safe),
            $input->setsAtCelsius === null ? 0.0 : $result->minute(BakeEvent::TimeToLook),
            $input->hasRawRoots ? $result->minute(BakeEvent::Tender) : 0.0,
        ));
    }

    /**
     * @param  callable(BakeCurves): list<float>  $of
     * @return list<float> at each minute from 0
     */
    private static function byTheMinute(BakeResult $result, callable $of): array
    {
        $minutes = [...$result->curves->minutes, ...$result->onward->minutes];
        $values = [...$of($result->curves), ...$of($result->onward)];
        $at = [$values[0]];
        $i = 0;
        for ($minute = 1; $minute <= min(self::LONGEST_MINUTES, (int) floor($minutes[count($minutes) - 1])); $minute++) {
            while ($minutes[$i] < $minute) {
                $i++;
            }
            [$from, $to] = [$minutes[$i - 1] ?? 0.0, $minutes[$i]];
            $at[] = $to - $from < 1e-9 ? $values[$i] : ($values[$i - 1] ?? $values[$i]) + ($values[$i] - ($values[$i - 1] ?? $values[$i])) * ($minute - $from) / ($to - $from);
        }

        return $at;
    }

    /** Before anything was seen or measured. */
    public function before(): Outlook
    {
        return $this->given(null, []);
    }

    /**
     * What is likely now.
     *
     * @param  list<Seen>  $seen
     */
    public function given(?Trace $trace, array $seen): Outlook
    {
        $even = array_fill(0, count($this->bakes), 1 / count($this->bakes));
        [$mean] = self::conditioned($this->logReady(), [], [], $even);
        [$asked, $measured] = $trace === null ? [[], []] : self::asked($trace);
        $rows = array_map(static fn (PossibleBake $bake): array => array_map($bake->celsiusAt(...), $asked), $this->bakes);
        [$log, $deviation] = self::conditioned($this->logReady(), $rows, $measured, $this->weighedBy($seen));

        return new Outlook(exp($log), exp($log - self::EIGHT_IN_TEN * $deviation), exp($log + self::EIGHT_IN_TEN * $deviation), exp($log) - exp($mean));
    }

    /**
     * What the middle had or will have at a minute in 1, 3, 5, 7 and 9 of 10 of them, before anything was measured.
     *
     * @return list<float> °C
     */
    public function band(float $minute): array
    {
        $celsius = array_map(static fn (PossibleBake $bake): float => $bake->celsiusAt($minute), $this->bakes);
        sort($celsius);
        $last = count($celsius) - 1;

        return array_map(static fn (float $share): float => $celsius[(int) round($share * $last)], [0.1, 0.3, 0.5, 0.7, 0.9]);
    }

    /** How long the forecast of all of them together is, min. */
    public function followedMinutes(): int
    {
        return max(array_map(static fn (PossibleBake $bake): int => count($bake->celsius), $this->bakes)) - 1;
    }

    /** How wide the middle trembles at a minute, in the middle of all of them. */
    public function trembleMm(float $minute): float
    {
        $wide = array_map(static fn (PossibleBake $bake): float => $bake->trembleMmAt($minute), $this->bakes);
        sort($wide);

        return $wide[intdiv(count($wide), 2)];
    }

    /** How wide it trembles when it may come out: what is looked for then. */
    public function readyTrembleMm(): float
    {
        return $this->trembleMm($this->before()->readyMinute);
    }

    /** @return list<float> */
    private function logReady(): array
    {
        return array_map(static fn (PossibleBake $bake): float => log(max(1.0, $bake->readyMinute)), $this->bakes);
    }

    /**
     * @param  list<Seen>  $seen
     * @return list<float> that sum up to 1
     */
    private function weighedBy(array $seen): array
    {
        $weights = array_map(static function (PossibleBake $bake) use ($seen): float {
            $weight = 1e-6;

            return $weight + array_product(array_map(static fn (Seen $one): float => $one->compared->likelihood($bake->tremblesUpToMinute($one->pictureMm) - $one->minute), $seen));
        }, $this->bakes);
        $sum = array_sum($weights);

        return array_map(static fn (float $weight): float => $weight / $sum, $weights);
    }

    /** @return array{list<float>, list<float>} minutes and what was measured there, °C */
    private static function asked(Trace $trace): array
    {
        $asked = $measured = [];
        foreach (self::ASKED_AT as $share) {
            $minute = $share * $trace->lastMinute();
            $celsius = $trace->celsiusNear($minute);
            if ($celsius !== null) {
                $asked[] = $minute;
                $measured[] = $celsius;
            }
        }

        return [$asked, $measured];
    }

    /**
     * Mean and standard deviation of y given x, where both are jointly normal: m + C_yx (C_xx + R)^-1 (x - m_x).
     *
     * @param  list<float>  $y
     * @param  list<list<float>>  $rows  x of each
     * @param  list<float>  $measured
     * @param  list<float>  $weights
     * @return array{float, float}
     */
    private static function conditioned(array $y, array $rows, array $measured, array $weights): array
    {
        $mean = self::mean($y, $weights);
        $dy = array_map(static fn (float $one): float => $one - $mean, $y);
        $variance = self::mean(array_map(static fn (float $one): float => $one * $one, $dy), $weights);
        $columns = array_map(static fn (int $k): array => array_column($rows, $k), array_keys($measured));
        $means = array_map(static fn (array $column): float => self::mean($column, $weights), $columns);
        $off = array_map(static fn (array $column, float $m): array => array_map(static fn (float $one): float => $one - $m, $column), $columns, $means);
        $system = [];
        foreach ($off as $i => $one) {
            $system[$i] = array_map(static fn (array $other): float => self::covariance($one, $other, $weights) + self::PROBE_OFF_KELVINS ** 2, $off);
            $system[$i][$i] += self::PROBE_NOISE_KELVINS ** 2;
            $system[$i][] = self::covariance($one, $dy, $weights);
        }
        // the gain of each measured value
        foreach (Elimination::solved($system) as $i => $gain) {
            $mean += $gain * ($measured[$i] - $means[$i]);
            $variance -= $gain * self::covariance($off[$i], $dy, $weights);
        }

        return [$mean, sqrt(max(1e-6, $variance))];
    }

    /**
     * @param  list<float>  $values
     * @param  list<float>  $weights
     */
    private static function mean(array $values, array $weights): float
    {
        return (float) array_sum(array_map(static fn (float $value, float $weight): float => $value * $weight, $values, $weights));
    }

    /**
     * @param  list<float>  $a  off their mean
     * @param  list<float>  $b
     * @param  list<float>  $weights
     */
    private static function covariance(array $a, array $b, array $weights): float
    {
        return self::mean(array_map(static fn (float $x, float $y): float => $x * $y, $a, $b), $weights);
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Record;

use Hojaldre\Core\AtOven\Trace;
use Hojaldre\Core\Bake\BakeDeviation;
use Hojaldre\Core\Bake\BakeInput;
use Hojaldre\Core\Forecast\Normal;
use Hojaldre\Core\Measure\Elimination;

/**
 * What one bake says of its oven: the logarithm of how likely it would have gone as it was told, for each pair of how far the oven is
 * off and how much heat comes from below. The bake as it was done is simulated on a coarse net of both, and once more for what changes
 * from bake to bake (docs/model.md#learning). Evidence of several bakes is added up.
 */
final readonly class OvenEvidence
{
    /** The net that is baked: K, and e-folds of heat from below (numerics). */
    private const BAKED_KELVINS = [-32.0, -24.0, -16.0, -8.0, 0.0, 8.0, 16.0, 24.0, 32.0];

    private const BAKED_FOLDS = [-0.6, 0.0, 0.6];

    /** The net that is told, between which the baked one is straight (numerics). */
    public const KELVINS = [-32.0, 32.0, 2.0];

    public const FOLDS = [-0.6, 0.6, 0.15];

    private const BY_BAKE = 40;

    private const SEED = 11;

    /** Of a probe in the middle, with where it was put, K; and of each of its figures, with what the model misses (judgement). */
    private const PROBE_OFF_KELVINS = 1.0;

    private const PROBE_KELVINS = 0.4;

    /** The trace is asked at these shares of it (numerics). */
    private const ASKED_AT = [0.2, 0.4, 0.6, 0.8, 1.0];

    /** @param  list<list<float>>  $log  of likelihood, by K and then by e-folds */
    public function __construct(public array $log)
    {
    }

    /**
     * @param  Trace|null  $trace  of a probe in the middle while it was in the oven
     * @param  list<Observation>  $told
     */
    public static function of(BakeInput $input, ?Trace $trace, array $told): self
    {
        $net = array_map(static fn (float $kelvins): array => array_map(
            static fn (float $folds): TrialBake => TrialBake::run($input, new BakeDeviation(ovenKelvins: $kelvins, fromBelowFactor: exp($folds))), self::BAKED_FOLDS,
        ), self::BAKED_KELVINS);
        $log = array_map(static fn (float $kelvins): array => array_map(static fn (float $folds): float => 0.0, self::values(self::FOLDS)), self::values(self::KELVINS));
        foreach ($told as $one) {
            $of = self::told($net, $one->of);
            $log = array_map(static fn (array $row, array $values): array => array_map(static fn (float $sum, float $value): float => $sum + log(max(1e-9, ($one->likelihood)($value))), $row, $values), $log, $of);
        }

        return new self($trace === null ? $log : self::withTrace($log, $net, $input, $trace));
    }

    /** The same said of an oven whose dial is corrected by so many K since: what is left is so much less. */
    public function shifted(float $kelvins): self
    {
        $by = (int) round($kelvins / self::KELVINS[2]);
        $last = count($this->log) - 1;

        return $by === 0 ? $this : new self(array_map(fn (int $i): array => $this->log[max(0, min($last, $i + $by))], array_keys($this->log)));
    }

    /**
     * @param  list<list<float>>  $log
     * @param  list<list<TrialBake>>  $net
     * @return list<list<float>>
     */
    private static function withTrace(array $log, array $net, BakeInput $input, Trace $trace): array
    {
        $asked = $measured = [];
        foreach (self::ASKED_AT as $share) {
            $celsius = $trace->celsiusNear($share * $trace->lastMinute());
            if ($celsius !== null) {
                [$asked[], $measured[]] = [$share * $trace->lastMinute(), $celsius];
            }
        }
        if ($asked === []) {
            return $log;
        }
        $draw = new Normal(self::SEED);
        $others = array_map(static fn (): TrialBake => TrialBake::run($input, KitchenDraw::one($draw, 0.0, 1.0)), range(1, self::BY_BAKE));
        $noise = self::noise(array_map(static fn (float $minute): array => array_map(static fn (TrialBake $one): float => $one->possible->celsiusAt($minute), $others), $asked));
        $reads = array_map(static fn (float $minute): array => self::told($net, static fn (TrialBake $one): float => $one->possible->celsiusAt($minute)), $asked);
        foreach ($log as $i => $row) {
            foreach (array_keys($row) as $j) {
                $miss = array_map(static fn (array $of, float $celsius): float => $celsius - $of[$i][$j], $reads, $measured);
                $log[$i][$j] -= self::squares($noise, $miss) / 2;
            }
        }

        return $log;
    }

    /**
     * Covariance of the figures of one trace: what changes from bake to bake, the probe as a whole, each figure.
     *
     * @param  list<non-empty-list<float>>  $values  by minute, of the bakes that differ
     * @return list<list<float>>
     */
    private static function noise(array $values): array
    {
        $off = array_map(static function (array $row): array {
            $mean = array_sum($row) / count($row);

            return array_map(static fn (float $one): float => $one - $mean, $row);
        }, $values);

        return array_map(static fn (int $i): array => array_map(
            static fn (int $j): float => array_sum(array_map(static fn (float $a, float $b): float => $a * $b, $off[$i], $off[$j])) / count($off[$i]) + self::PROBE_OFF_KELVINS ** 2 + ($i === $j ? self::PROBE_KELVINS ** 2 : 0.0),
            array_keys($off),
        ), array_keys($off));
    }

    /**
     * m^T C^-1 m.
     *
     * @param  list<list<float>>  $noise
     * @param  list<float>  $miss
     */
    private static function squares(array $noise, array $miss): float
    {
        $solved = Elimination::solved(array_map(static fn (array $row, float $right): array => [...$row, $right], $noise, $miss));

        return array_sum(array_map(static fn (float $a, float $b): float => $a * $b, $solved, $miss));
    }

    /**
     * A number of each baked pair, told on the finer net.
     *
     * @param  list<list<TrialBake>>  $net
     * @param  callable(TrialBake): float  $of
     * @return list<list<float>>
     */
    private static function told(array $net, callable $of): array
    {
        $values = array_map(static fn (array $row): array => array_map($of, $row), $net);
        $rows = array_map(static fn (array $row): array => array_map(static fn (float $folds): float => self::between(self::BAKED_FOLDS, $row, $folds), self::values(self::FOLDS)), $values);

        return array_map(
            static fn (float $kelvins): array => array_map(static fn (int $j): float => self::between(self::BAKED_KELVINS, array_column($rows, $j), $kelvins), array_keys(self::values(self::FOLDS))),
            self::values(self::KELVINS),
        );
    }

    /**
     * @param  list<float>  $at
     * @param  list<float>  $values
     */
    private static function between(array $at, array $values, float $x): float
    {
        $i = 0;
        while ($i < count($at) - 2 && $at[$i + 1] < $x) {
            $i++;
        }

        return $values[$i] + ($values[$i + 1] - $values[$i]) * ($x - $at[$i]) / ($at[$i + 1] - $at[$i]);
    }

    /**
     * @param  array{float, float, float}  $net  from, to, step
     * @return list<float>
     */
    public static function values(array $net): array
    {
        [$from, $to, $step] = $net;

        return array_map(static fn (int $i): float => $from + $i * $step, range(0, (int) round(($to - $from) / $step)));
    }
}

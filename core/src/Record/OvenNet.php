<?php

declare(strict_types=1);

namespace Hojaldre\Core\Record;

use Hojaldre\Core\AtOven\Trace;
use Hojaldre\Core\Bake\BakeDeviation;
use Hojaldre\Core\Bake\BakeInput;
use Hojaldre\Core\Forecast\Normal;
use Hojaldre\Core\Measure\Elimination;
use LogicException;

/**
 * A bake as it was done, simulated on a coarse net of how far its oven may be off and how much heat may come from below, and once more
 * for what changes from bake to bake. What was told and measured of the bake is held against it (docs/model.md#learning).
 */
final readonly class OvenNet
{
    /** What is baked; between it all is straight: K, and e-folds of heat from below (numerics). */
    private const BAKED_KELVINS = [-32.0, -24.0, -16.0, -8.0, 0.0, 8.0, 16.0, 24.0, 32.0];

    private const BAKED_FOLDS = [-0.6, 0.0, 0.6];

    private const BY_BAKE = 80;

    private const SEED = 11;

    /** Of a probe in the middle, with where it was put, K; and of each of its figures, with what the model misses (judgement). */
    private const PROBE_OFF_KELVINS = 1.0;

    private const PROBE_KELVINS = 0.4;

    /** The trace is asked at these shares of it (numerics). */
    private const ASKED_AT = [0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 1.0];

    /**
     * @param  list<list<TrialBake>>  $baked  by K, and then by e-folds
     * @param  non-empty-list<TrialBake>|null  $days  as it may differ from day to day; a trace is held against these too
     */
    private function __construct(private array $baked, private ?array $days)
    {
    }

    /** @param  bool  $isProbed  whether a trace will be held against it: that takes some bakes more */
    public static function of(BakeInput $input, bool $isProbed): self
    {
        $draw = new Normal(self::SEED);

        return new self(
            array_map(static fn (float $kelvins): array => array_map(
                static fn (float $folds): TrialBake => TrialBake::run($input, new BakeDeviation(ovenKelvins: $kelvins, fromBelowFactor: exp($folds))), self::BAKED_FOLDS,
            ), self::BAKED_KELVINS),
            $isProbed ? array_map(static fn (): TrialBake => TrialBake::run($input, KitchenDraw::one($draw, 0.0, 1.0)), range(1, self::BY_BAKE)) : null,
        );
    }

    /**
     * @param  Trace|null  $trace  of a probe in the middle while it was in the oven; only where the net is for one
     * @param  list<Observation>  $told
     */
    public function evidence(?Trace $trace, array $told): OvenEvidence
    {
        $log = array_map(static fn (float $kelvins): array => array_map(static fn (float $folds): float => 0.0, OvenEvidence::values(OvenEvidence::FOLDS)), OvenEvidence::values(OvenEvidence::KELVINS));
        foreach ($told as $one) {
            $of = $this->told($one->of);
            $log = array_map(static fn (array $row, array $values): array => array_map(static fn (float $sum, float $value): float => $sum + log(max(1e-9, ($one->likelihood)($value))), $row, $values), $log, $of);
        }

        return new OvenEvidence($trace === null ? $log : $this->withTrace($log, $trace));
    }

    /**
     * @param  list<list<float>>  $log
     * @return list<list<float>>
     */
    private function withTrace(array $log, Trace $trace): array
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
        $days = $this->days ?? throw new LogicException('This net was baked without days to hold a trace against.');
        $noise = self::noise(array_map(static fn (float $minute): array => array_map(static fn (TrialBake $one): float => $one->possible->celsiusAt($minute), $days), $asked));
        $reads = array_map(fn (float $minute): array => $this->told(static fn (TrialBake $one): float => $one->possible->celsiusAt($minute)), $asked);
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
     * @param  callable(TrialBake): float  $of
     * @return list<list<float>>
     */
    private function told(callable $of): array
    {
        $values = array_map(static fn (array $row): array => array_map($of, $row), $this->baked);
        $rows = array_map(static fn (array $row): array => array_map(static fn (float $folds): float => self::between(self::BAKED_FOLDS, $row, $folds), OvenEvidence::values(OvenEvidence::FOLDS)), $values);

        return array_map(
            static fn (float $kelvins): array => array_map(static fn (int $j): float => self::between(self::BAKED_KELVINS, array_column($rows, $j), $kelvins), array_keys(OvenEvidence::values(OvenEvidence::FOLDS))),
            OvenEvidence::values(OvenEvidence::KELVINS),
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
}

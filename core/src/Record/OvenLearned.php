<?php

declare(strict_types=1);

namespace Hojaldre\Core\Record;

/** What all bakes in one oven say together, with what is commonly so (KitchenDraw); 8 in 10 lie between low and high. */
final readonly class OvenLearned
{
    private function __construct(public float $ovenKelvins, public float $lowKelvins, public float $highKelvins, public float $fromBelowFactor, public float $lowBelow, public float $highBelow, public int $bakes)
    {
    }

    /**
     * @param  list<OvenEvidence>  $evidence
     * @param  float  $usualKelvins  what would be expected without them, against the dial as it is told now: 0 until something was learned and taken
     */
    public static function from(array $evidence, float $usualKelvins = 0.0): self
    {
        $kelvins = OvenEvidence::values(OvenEvidence::KELVINS);
        $folds = OvenEvidence::values(OvenEvidence::FOLDS);
        $log = array_map(static fn (float $k, int $i): array => array_map(
            static fn (float $f, int $j): float => -((($k - $usualKelvins) / KitchenDraw::OVEN_KELVINS) ** 2 + ($f / KitchenDraw::BELOW_FOLDS) ** 2) / 2 + array_sum(array_map(static fn (OvenEvidence $one): float => $one->log[$i][$j] ?? 0.0, $evidence)), $folds, array_keys($folds),
        ), $kelvins, array_keys($kelvins));
        $most = max(-INF, ...array_merge(...$log));
        $by = array_map(static fn (array $row): float => array_sum(array_map(static fn (float $one): float => exp($one - $most), $row)), $log);
        $byFolds = array_map(static fn (int $j): float => array_sum(array_map(static fn (array $row): float => exp($row[$j] - $most), $log)), array_keys($folds));
        [$oven, $low, $high] = self::spread($kelvins, $by);
        [$below, $lowBelow, $highBelow] = self::spread($folds, $byFolds);

        return new self($oven, $low, $high, exp($below), exp($lowBelow), exp($highBelow), count($evidence));
    }

    /**
     * @param  list<float>  $values
     * @param  list<float>  $weights
     * @return array{float, float, float} mean, and between what 8 in 10 lie
     */
    private static function spread(array $values, array $weights): array
    {
        $sum = array_sum($weights);
        $mean = array_sum(array_map(static fn (float $value, float $weight): float => $value * $weight, $values, $weights)) / $sum;

        return [$mean, self::at($values, $weights, 0.1 * $sum), self::at($values, $weights, 0.9 * $sum)];
    }

    /**
     * @param  list<float>  $values
     * @param  list<float>  $weights
     */
    private static function at(array $values, array $weights, float $share): float
    {
        $step = $values[1] - $values[0];
        $sum = 0.0;
        foreach ($values as $i => $value) {
            if ($sum + $weights[$i] >= $share) {
                return $value + $step * (($share - $sum) / max(1e-12, $weights[$i]) - 0.5);
            }
            $sum += $weights[$i];
        }

        return $values[count($values) - 1];
    }
}

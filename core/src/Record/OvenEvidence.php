<?php

declare(strict_types=1);

namespace Hojaldre\Core\Record;

/**
 * What one bake says of its oven: the logarithm of how likely it would have gone as it was told, for each pair of how far the oven is
 * off and how much heat comes from below (OvenNet tells it). Evidence of several bakes is added up.
 */
final readonly class OvenEvidence
{
    /** The net it is told on (numerics). */
    public const KELVINS = [-32.0, 32.0, 2.0];

    public const FOLDS = [-0.6, 0.6, 0.15];

    /** @param  list<list<float>>  $log  of likelihood, by K and then by e-folds */
    public function __construct(public array $log)
    {
    }

    /** The same said of an oven whose dial is corrected by so many K since: what is left is so much less. */
    public function shifted(float $kelvins): self
    {
        $by = (int) round($kelvins / self::KELVINS[2]);
        $last = count($this->log) - 1;

        return $by === 0 ? $this : new self(array_map(fn (int $i): array => $this->log[max(0, min($last, $i + $by))], array_keys($this->log)));
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

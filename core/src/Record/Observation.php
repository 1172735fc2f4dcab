<?php

declare(strict_types=1);

namespace Hojaldre\Core\Record;

use Hojaldre\Core\AtOven\Compared;
use Hojaldre\Core\AtOven\Seen;
use Hojaldre\Core\Bake\Brownness;
use Hojaldre\Core\Oven\ColourWish;
use Hojaldre\Core\Pastry\BaseVerdict;

/**
 * One thing that a bake told in words or by comparing, as a number that each simulated bake has too, and how likely it is told of each
 * value of that number.
 */
final readonly class Observation
{
    /** From bake to bake of weighed pies, what the model and the kitchen leave open: a share of a time, water to solids, e-folds of brown (judgement). */
    private const TIME_SHARE = 0.04;

    private const RATIO = 0.06;

    private const FOLDS = 0.22;

    /** The palest that can be told from raw: of brownness (numerics). */
    private const LEAST_INDEX = 0.05;

    /** A word is wrong now and then (judgement). */
    private const SLIP = 0.02;

    /**
     * @param  \Closure(TrialBake): float  $of  the number
     * @param  \Closure(float): float  $likelihood  of it, 0 to 1
     */
    private function __construct(public \Closure $of, public \Closure $likelihood)
    {
    }

    public static function seen(Seen $seen): self
    {
        return new self(
            static fn (TrialBake $bake): float => $bake->possible->tremblesUpToMinute($seen->pictureMm),
            static fn (float $minute): float => $seen->compared->likelihood($minute - $seen->minute, self::TIME_SHARE * $seen->minute),
        );
    }

    /** Null for a base that is paste: that says nothing of a scale of water. */
    public static function underside(BaseVerdict $word): ?self
    {
        $from = -INF;
        foreach (BaseVerdict::scale() as [$one, $to]) {
            if ($one === $word) {
                return new self(static fn (TrialBake $bake): float => $bake->baseRatio, static fn (float $ratio): float => self::within($ratio, $from, $to ?? INF, self::RATIO));
            }
            $from = $to ?? INF;
        }

        return null;
    }

    /** By the logarithm of brownness: eyes tell ratios. */
    public static function colour(ColourWord $word, ColourWish $wish): self
    {
        [$least, $most] = array_map(self::folds(...), $wish->limits());
        [$from, $to] = match ($word) {
            ColourWord::Pale => [-INF, $least],
            ColourWord::Golden => [$least, $most],
            ColourWord::Dark => [$most, INF],
        };

        return new self(static fn (TrialBake $bake): float => self::folds($bake->topIndex), static fn (float $folds): float => self::within($folds, $from, $to, self::FOLDS));
    }

    private static function folds(float $index): float
    {
        return log(max(self::LEAST_INDEX, Brownness::browning($index)));
    }

    private static function within(float $value, float $from, float $to, float $unsure): float
    {
        $below = static fn (float $limit): float => is_infinite($limit) ? ($limit > 0 ? 1.0 : 0.0) : Compared::normal(($limit - $value) / $unsure);

        return self::SLIP + (1 - self::SLIP) * max(0.0, $below($to) - $below($from));
    }
}

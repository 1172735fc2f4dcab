<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Dough;

/**
 * How much a dough will take of what is poured in, per cent of the flour: least, usual, most.
 * A recipe gives 45 to 60 ml to 225 g of flour: its middle and 14 % to either side (common practice, no source); that range
 * is read as two standard deviations. A making that was logged counts as much as the recipe (judgement), so that
 * after n of them usual = (recipe + sum of what they took)/(1 + n), and its deviation is the recipe's over the root of 1 + n.
 */
final readonly class WaterNeed
{
    private const RANGE_SHARE = 0.14;

    /** 8 in 10 lie within so many standard deviations (a table of the normal distribution). */
    private const EIGHT_IN_TEN = 1.2816;

    private function __construct(
        public float $leastPercent,
        public float $usualPercent,
        public float $mostPercent,
        public float $likelyFromPercent,
        public float $likelyToPercent,
        public int $makings,
    ) {
    }

    /** @param  list<float>  $tookPercents  what earlier makings took, per cent of the flour */
    public static function of(Formula $formula, array $tookPercents): self
    {
        $recipe = $formula->liquidPercent();
        $makings = count($tookPercents);
        $usual = ($recipe + array_sum($tookPercents)) / (1 + $makings);
        $likely = self::EIGHT_IN_TEN * $recipe * self::RANGE_SHARE / 2 / sqrt(1 + $makings);
        $reach = $recipe * self::RANGE_SHARE;

        return new self(min($recipe - $reach, $usual - $likely), $usual, max($recipe + $reach, $usual + $likely), $usual - $likely, $usual + $likely, $makings);
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Record;

/**
 * What is left of a food here when it is prepared, from weighings before and after: the mean of the house and of what was weighed,
 * each by how sure it is (two normal distributions multiplied). 8 in 10 lie between low and high.
 */
final readonly class YieldLearned
{
    /** Kitchens differ from the table by so much, and one weighing from another, shares of the raw (judgement). */
    private const KITCHENS_DIFFER = 0.08;

    private const WEIGHINGS_DIFFER = 0.04;

    private const EIGHT_IN_TEN = 1.2816;

    private function __construct(public float $share, public float $low, public float $high, public int $weighings)
    {
    }

    /** @param  list<float>  $shares  weighed after by weighed before, 0 to 1 */
    public static function from(array $shares, float $houseShare): self
    {
        $precision = 1 / self::KITCHENS_DIFFER ** 2;
        $weighted = $houseShare * $precision;
        foreach ($shares as $share) {
            $precision += 1 / self::WEIGHINGS_DIFFER ** 2;
            $weighted += $share / self::WEIGHINGS_DIFFER ** 2;
        }
        $mean = $weighted / $precision;
        $unsure = self::EIGHT_IN_TEN / sqrt($precision);

        return new self($mean, max(0.0, $mean - $unsure), min(1.0, $mean + $unsure), count($shares));
    }
}

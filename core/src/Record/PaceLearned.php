<?php

declare(strict_types=1);

namespace Hojaldre\Core\Record;

use Hojaldre\Core\Day\OwnMinutes;

/** How this kitchen's minutes of one kind of work compare with the usual ones: the middle of what was logged, and between what it lies in 8 of 10. */
final readonly class PaceLearned
{
    /** Standard deviations either side of the mean that hold 8 in 10 of a normal distribution (definition). */
    private const EIGHT_IN_TEN = 1.2816;

    /** A middle of many is less sure than their mean by the root of half of pi (definition). */
    private const OF_MIDDLE = 1.2533;

    /** People differ from day to day by so much at least, whatever a few marks say (judgement). */
    private const LEAST_SPREAD = 0.1;

    private function __construct(public float $factor, public float $low, public float $high)
    {
    }

    /** @param  non-empty-list<float>  $ratios  minutes taken to minutes planned */
    public static function from(array $ratios): self
    {
        $logs = array_map(log(...), $ratios);
        $mean = array_sum($logs) / count($logs);
        $spread = max(self::LEAST_SPREAD, sqrt(array_sum(array_map(static fn (float $one): float => ($one - $mean) ** 2, $logs)) / max(1, count($logs) - 1)));
        $reach = exp(self::EIGHT_IN_TEN * self::OF_MIDDLE * $spread / sqrt(count($logs)));
        $factor = OwnMinutes::middle($ratios);

        return new self($factor, $factor / $reach, $factor * $reach);
    }
}

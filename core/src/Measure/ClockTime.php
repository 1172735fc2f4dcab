<?php

declare(strict_types=1);

namespace Hojaldre\Core\Measure;

/** Minutes from midnight as a clock shows them; those of the days before and after the same. */
final readonly class ClockTime
{
    /** Definition. */
    private const DAY_MINUTES = 1440;

    public static function of(int $minute): string
    {
        $in = (($minute % self::DAY_MINUTES) + self::DAY_MINUTES) % self::DAY_MINUTES;

        return sprintf('%02d:%02d', intdiv($in, 60), $in % 60);
    }

    /** Days from the day itself: -1 is the day before. */
    public static function days(int $minute): int
    {
        return (int) floor($minute / self::DAY_MINUTES);
    }
}

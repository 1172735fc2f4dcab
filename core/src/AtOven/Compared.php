<?php

declare(strict_types=1);

namespace Hojaldre\Core\AtOven;

/** The pie against the picture. */
enum Compared: string
{
    case Less = 'less';
    case Like = 'like';
    case More = 'more';

    /** So many minutes ahead or behind still look like the picture, and how far an eye is off, one standard deviation (judgement). */
    private const ALIKE_MINUTES = 1.5;

    private const EYE_MINUTES = 1.5;

    /** How likely this is said of a pie that gets to the picture so many minutes later than now, 0 to 1. @param  float  $unsureMinutes  of that time, beside the eye */
    public function likelihood(float $behindMinutes, float $unsureMinutes = 0.0): float
    {
        $unsure = hypot(self::EYE_MINUTES, $unsureMinutes);
        $less = self::normal((-self::ALIKE_MINUTES - $behindMinutes) / $unsure);
        $more = self::normal(($behindMinutes - self::ALIKE_MINUTES) / $unsure);

        return match ($this) {
            self::Less => $less,
            self::Like => max(0.0, 1 - $less - $more),
            self::More => $more,
        };
    }

    /** The normal distribution up to z, by the logistic curve nearest to it (within 0.01). */
    public static function normal(float $z): float
    {
        return 1 / (1 + exp(-1.702 * $z));
    }
}

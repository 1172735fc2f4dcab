<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tin;

/** The depth that holds a volume, for tins whose formula cannot be turned round. */
final readonly class Depth
{
    /** (numerics) */
    private const MOST_STEPS = 30;

    /**
     * Newton's method from the depth an upright wall would need. A tin that widens upward holds more than that there, and its
     * volume is convex in depth, so every step comes down and none goes too far.
     *
     * @param  callable(float): float  $volumeMl  of a depth in mm
     * @param  callable(float): float  $areaMm2  at a height in mm, not falling
     */
    public static function holding(float $millilitres, callable $volumeMl, callable $areaMm2): float
    {
        $depth = max(0.0, $millilitres) * 1000 / $areaMm2(0.0);
        for ($i = 0; $i < self::MOST_STEPS; $i++) {
            $over = ($volumeMl($depth) - $millilitres) * 1000 / $areaMm2($depth);
            $depth -= $over;
            if (abs($over) < 1e-9) {
                break;
            }
        }

        return max(0.0, $depth);
    }
}

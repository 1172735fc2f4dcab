<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Plan;

/** Numbers as from dice, the same for the same seed. */
final class Dice
{
    /** Of a linear congruence of 31 bits (numerics). */
    private const TIMES = 1103515245;

    private const PLUS = 12345;

    private const BITS = 0x7FFFFFFF;

    /** The low bits repeat soon (numerics). */
    private const LOW_BITS = 8;

    public function __construct(private int $state)
    {
    }

    /** From 0 to one below. */
    public function below(int $count): int
    {
        $this->state = ($this->state * self::TIMES + self::PLUS) & self::BITS;

        return ($this->state >> self::LOW_BITS) % max(1, $count);
    }
}

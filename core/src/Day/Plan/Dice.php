<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Plan;

/** Numbers as from dice, the same for the same seed. */
final class Dice
{
    /** Shifts of a generator of 32 bits (Marsaglia 2003, xorshift, from memory). */
    private const SHIFTS = [13, 17, 5];

    private const BITS = 0xFFFFFFFF;

    /** So that no seed begins with nothing (numerics). */
    private const SPREAD = 0x9E3779B9;

    private int $state;

    public function __construct(int $seed)
    {
        $this->state = (($seed + 1) * self::SPREAD) & self::BITS ?: 1;
        for ($turn = 0; $turn < self::SHIFTS[0]; $turn++) {
            $this->next();
        }
    }

    /** From 0 to one below. */
    public function below(int $count): int
    {
        return $this->next() % max(1, $count);
    }

    private function next(): int
    {
        $x = $this->state;
        $x ^= ($x << self::SHIFTS[0]) & self::BITS;
        $x ^= $x >> self::SHIFTS[1];
        $x ^= ($x << self::SHIFTS[2]) & self::BITS;

        return $this->state = $x;
    }
}

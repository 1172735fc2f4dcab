<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Draws from a normal distribution, by the method of Box and Muller; the same for the same seed. */
final readonly class Normal
{
    /** A draw beyond is drawn again, standard deviations (definition). */
    private const MOST = 2.5;

    private const FINE = 1_000_000;

    private Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    public function next(): float
    {
        do {
            $value = sqrt(-2 * log($this->uniform())) * cos(2 * M_PI * $this->uniform());
        } while (abs($value) > self::MOST);

        return $value;
    }

    private function uniform(): float
    {
        return ($this->random->getInt(0, self::FINE - 1) + 0.5) / self::FINE;
    }
}

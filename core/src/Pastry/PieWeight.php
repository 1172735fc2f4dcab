<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry;

/** What is laid into a shell as weights. */
enum PieWeight: string
{
    case Beads = 'beads';
    case Pulses = 'pulses';
    case Rice = 'rice';
    case Sugar = 'sugar';

    /** As they lie (common practice, no source). */
    public function gramsPerMl(): float
    {
        return match ($this) {
            self::Beads => 1.5,
            self::Pulses => 0.8,
            self::Rice, self::Sugar => 0.85,
        };
    }
}

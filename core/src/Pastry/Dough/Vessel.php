<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Dough;

/** What a dough is mixed in, and how much flour it takes at a time. */
enum Vessel: string
{
    case Bowl = 'bowl';
    case Processor = 'processor';
    case Mixer = 'mixer';

    /** A bowl of 2 litres takes 450 g (common practice, no source); a blade throws only what is half as deep, a beater three quarters (judgement). */
    private function flourGramsPerLitre(): float
    {
        return match ($this) {
            self::Bowl => 225.0,
            self::Processor => 112.5,
            self::Mixer => 170.0,
        };
    }

    public function mostFlourGrams(float $litres): float
    {
        return $litres * $this->flourGramsPerLitre();
    }

    /** In how many goes so much flour is mixed. */
    public function goes(float $flourGrams, float $litres): int
    {
        return max(1, (int) ceil($flourGrams / $this->mostFlourGrams($litres) - 1e-6));
    }
}

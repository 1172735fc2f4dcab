<?php

declare(strict_types=1);

namespace Hojaldre\Core\Moisture;

/** How much of what holds so much water. Grams of water to a gram: common practice, no source. */
enum Dose: string
{
    case Crumbs = 'crumbs';
    case Sago = 'sago';
    case Starch = 'starch';

    private function holdsGramsPerGram(): float
    {
        return match ($this) {
            self::Crumbs => 1.75,
            self::Sago => 3.5,
            self::Starch => 10.0,
        };
    }

    /** A level tablespoon of it, g. */
    private function spoonGrams(): float
    {
        return match ($this) {
            self::Crumbs => 7.0,
            self::Sago => 10.0,
            self::Starch => 8.0,
        };
    }

    public function gramsFor(float $waterGrams): float
    {
        return max(0.0, $waterGrams) / $this->holdsGramsPerGram();
    }

    /** "Two spoons more": to the half spoon, upward. */
    public function spoonsFor(float $waterGrams): float
    {
        return ceil(2 * $this->gramsFor($waterGrams) / $this->spoonGrams() - 1e-9) / 2;
    }
}

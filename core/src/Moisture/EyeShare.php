<?php

declare(strict_types=1);

namespace Hojaldre\Core\Moisture;

/** A share in words, for a cook without a scale: "down to two thirds". */
enum EyeShare: string
{
    case Quarter = 'quarter';
    case Third = 'third';
    case Half = 'half';
    case TwoThirds = 'two-thirds';
    case ThreeQuarters = 'three-quarters';
    case NearlyAll = 'nearly-all';

    public function share(): float
    {
        return match ($this) {
            self::Quarter => 0.25,
            self::Third => 1 / 3,
            self::Half => 0.5,
            self::TwoThirds => 2 / 3,
            self::ThreeQuarters => 0.75,
            self::NearlyAll => 0.92,
        };
    }

    public static function nearest(float $share): self
    {
        $best = self::Half;
        foreach (self::cases() as $one) {
            $best = abs($one->share() - $share) < abs($best->share() - $share) ? $one : $best;
        }

        return $best;
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

/** How a dairy sits on a spoon. */
enum DairyBody: string
{
    case Pours = 'pours';
    case Spoons = 'spoons';
    case Stands = 'stands';

    /** Share of it that an egg has to set, 0 to 1 (fitted, docs/model.md). */
    public function liquidShare(): float
    {
        return match ($this) {
            self::Pours => 1.0,
            self::Spoons => 0.8,
            self::Stands => 0.5,
        };
    }
}

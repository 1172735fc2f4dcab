<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

/** The cereals and the nuts that food law wants by their own name (docs/sources.md#eu-1169-2011, annex II, points 1 and 8), in its order. */
enum AllergenName: string
{
    case Wheat = 'wheat';
    case Spelt = 'spelt';
    case Rye = 'rye';
    case Barley = 'barley';
    case Oats = 'oats';
    case Almond = 'almond';
    case Hazelnut = 'hazelnut';
    case Walnut = 'walnut';
    case Cashew = 'cashew';
    case Pecan = 'pecan';
    case BrazilNut = 'brazil-nut';
    case Pistachio = 'pistachio';
    case Macadamia = 'macadamia';

    public function group(): Allergen
    {
        return match ($this) {
            self::Wheat, self::Spelt, self::Rye, self::Barley, self::Oats => Allergen::Gluten,
            default => Allergen::Nuts,
        };
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

/** The fourteen allergens that food law of the EU and UK wants named (docs/sources.md#eu-1169-2011, annex II), in its order. */
enum Allergen: string
{
    case Gluten = 'gluten';
    case Crustaceans = 'crustaceans';
    case Egg = 'egg';
    case Fish = 'fish';
    case Peanuts = 'peanuts';
    case Soya = 'soya';
    case Milk = 'milk';
    case Nuts = 'nuts';
    case Celery = 'celery';
    case Mustard = 'mustard';
    case Sesame = 'sesame';
    case Sulphites = 'sulphites';
    case Lupin = 'lupin';
    case Molluscs = 'molluscs';

    /** Those of the nine that the United States name (docs/sources.md#us-falcpa, with sesame): of cereals wheat alone, of shellfish crustaceans. */
    public function isOfTheNine(): bool
    {
        return ! in_array($this, [self::Gluten, self::Celery, self::Mustard, self::Sulphites, self::Lupin, self::Molluscs], true);
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

/** The fourteen allergens that food law of the EU and UK wants named (docs/sources.md#eu-1169-2011, annex II). */
final readonly class Allergens
{
    public const ALL = [
        'gluten', 'crustaceans', 'egg', 'fish', 'peanuts', 'soya', 'milk', 'nuts',
        'celery', 'mustard', 'sesame', 'sulphites', 'lupin', 'molluscs',
    ];
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food\Pantry;

/** What a sauce is made of, and what is poured. Written by ./hojaldre generate from core/pantry; sources stand there. */
final readonly class Liquids
{
    /** Columns as in the table, composition in one. */
    public const ROWS = [
        'water' => ['Water', 'liquid', 'plain', [100, 0, 0, 0, 0, 0, 0], 1, 1, 1, 0, 1, 0, null, [], [], null, [], 'sure', 0, 0],
        'chicken-stock' => ['Chicken stock', 'liquid', 'plain', [97.8, 0.6, 0.2, 0.4, 0, 1, 0.8], 1.01, 1.01, 1, 0, 1, 0, null, [], ['celery'], null, [], 'packet', 0.06, 0.16],
        'vegetable-stock' => ['Vegetable stock', 'liquid', 'plain', [97.7, 0.3, 0.1, 0.9, 0, 1, 0.85], 1.01, 1.01, 1, 0, 1, 0, null, [], ['celery'], null, [], 'packet', 0.02, 0.36],
        'beef-stock' => ['Beef stock', 'liquid', 'plain', [97.6, 0.8, 0.2, 0.4, 0, 1, 0.8], 1.01, 1.01, 1, 0, 1, 0, null, [], ['celery'], null, [], 'packet', 0.08, 0.16],
        'fish-stock' => ['Fish stock', 'liquid', 'plain', [97.8, 0.8, 0.2, 0.2, 0, 1, 0.8], 1.01, 1.01, 1, 0, 1, 0, null, [], ['fish', 'celery'], null, [], 'packet', 0.05, 0.08],
        'white-wine' => ['White wine', 'liquid', 'plain', [97.1, 0.1, 0, 2.6, 0, 0.2, 0.01], 0.99, 0.99, 1, 0, 1, 0, null, ['bottle' => 743], ['sulphites'], null, [], 'packet', 0, 1.3],
        'red-wine' => ['Red wine', 'liquid', 'plain', [97, 0.1, 0, 2.6, 0, 0.3, 0.01], 0.99, 0.99, 1, 0, 1, 0, null, ['bottle' => 743], ['sulphites'], null, [], 'packet', 0, 1.3],
        'dry-sherry' => ['Dry sherry', 'liquid', 'plain', [98.2, 0.2, 0, 1.4, 0, 0.2, 0.02], 0.99, 0.99, 1, 0, 1, 0, null, [], ['sulphites'], null, [], 'packet', 0, 0.7],
        'cider' => ['Dry cider', 'liquid', 'plain', [97.2, 0, 0, 2.6, 0, 0.2, 0.02], 1, 1, 1, 0, 1, 0, null, [], ['sulphites'], null, [], 'packet', 0, 1.3],
        'ale' => ['Ale or stout', 'liquid', 'plain', [95.9, 0.4, 0, 3.5, 0, 0.2, 0.01], 1.01, 1.01, 1, 0, 1, 0, null, [], ['gluten'], null, ['barley'], 'packet', 0, 1.75],
        'passata' => ['Tomato passata', 'liquid', 'plain', [90.3, 1.4, 0.2, 5.4, 1.5, 1.2, 0.3], 1.03, 1.03, 1, 0, 0.9, 0, null, ['jar' => 690], [], null, [], 'packet', 0.04, 4.32],
        'apple-juice' => ['Apple juice', 'liquid', 'plain', [88.2, 0.1, 0.1, 11.2, 0.2, 0.2, 0], 1.04, 1.04, 1, 0, 1, 0, null, [], [], null, [], 'sure', 0.02, 10.64],
    ];
}

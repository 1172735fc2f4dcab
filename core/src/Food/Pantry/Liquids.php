<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food\Pantry;

/** What a sauce is made of, and what is poured. Written by ./hojaldre generate from core/pantry; sources stand there. */
final readonly class Liquids
{
    /** Columns as in the table, composition in one. */
    public const ROWS = [
        'water' => ['Water', 'liquid', 'plain', [100, 0, 0, 0, 0, 0, 0], 1, 1, 1, 0, 1, 0, null, [], [], null],
        'chicken-stock' => ['Chicken stock', 'liquid', 'plain', [97.8, 0.6, 0.2, 0.4, 0, 1, 0.8], 1.01, 1.01, 1, 0, 1, 0, null, [], ['celery'], null],
        'vegetable-stock' => ['Vegetable stock', 'liquid', 'plain', [97.7, 0.3, 0.1, 0.9, 0, 1, 0.85], 1.01, 1.01, 1, 0, 1, 0, null, [], ['celery'], null],
        'beef-stock' => ['Beef stock', 'liquid', 'plain', [97.6, 0.8, 0.2, 0.4, 0, 1, 0.8], 1.01, 1.01, 1, 0, 1, 0, null, [], ['celery'], null],
        'fish-stock' => ['Fish stock', 'liquid', 'plain', [97.8, 0.8, 0.2, 0.2, 0, 1, 0.8], 1.01, 1.01, 1, 0, 1, 0, null, [], ['fish', 'celery'], null],
        'white-wine' => ['White wine', 'liquid', 'plain', [97.1, 0.1, 0, 2.6, 0, 0.2, 0.01], 0.99, 0.99, 1, 0, 1, 0, null, ['bottle' => 743], ['sulphites'], null],
        'red-wine' => ['Red wine', 'liquid', 'plain', [97, 0.1, 0, 2.6, 0, 0.3, 0.01], 0.99, 0.99, 1, 0, 1, 0, null, ['bottle' => 743], ['sulphites'], null],
        'dry-sherry' => ['Dry sherry', 'liquid', 'plain', [98.2, 0.2, 0, 1.4, 0, 0.2, 0.02], 0.99, 0.99, 1, 0, 1, 0, null, [], ['sulphites'], null],
        'cider' => ['Dry cider', 'liquid', 'plain', [97.2, 0, 0, 2.6, 0, 0.2, 0.02], 1, 1, 1, 0, 1, 0, null, [], ['sulphites'], null],
        'ale' => ['Ale or stout', 'liquid', 'plain', [95.9, 0.4, 0, 3.5, 0, 0.2, 0.01], 1.01, 1.01, 1, 0, 1, 0, null, [], ['gluten'], null],
        'passata' => ['Tomato passata', 'liquid', 'plain', [90.3, 1.4, 0.2, 5.4, 1.5, 1.2, 0.3], 1.03, 1.03, 1, 0, 0.9, 0, null, ['jar' => 690], [], null],
        'apple-juice' => ['Apple juice', 'liquid', 'plain', [88.2, 0.1, 0.1, 11.2, 0.2, 0.2, 0], 1.04, 1.04, 1, 0, 1, 0, null, [], [], null],
    ];
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food\Pantry;

/** Vegetables, roots and fruit, trimmed. Written by ./hojaldre generate from core/pantry; sources stand there. */
final readonly class Vegetables
{
    /** Columns as in the table, composition in one. */
    public const ROWS = [
        'leeks' => ['Leeks', 'solid', 'strands', [83, 1.5, 0.3, 12.35, 1.8, 1.05, 0.05], 0.98, 0.7, 0.62, 0, 0, 0, null, ['small' => 90, 'medium' => 150, 'large' => 220, 'cup' => 94], [], null],
        'onions' => ['Onions', 'solid', 'arcs', [89.11, 1.1, 0.1, 7.64, 1.7, 0.35, 0.01], 0.98, 0.66, 0.45, 0, 0, 0, null, ['small' => 90, 'medium' => 150, 'large' => 220], [], null],
        'shallots' => ['Shallots', 'solid', 'arcs', [79.8, 2.5, 0.1, 13.6, 3.2, 0.8, 0.03], 0.98, 0.66, 0.45, 0, 0, 0, null, ['medium' => 25], [], null],
        'spring-onions' => ['Spring onions', 'solid', 'arcs', [89.9, 1.8, 0.2, 4.7, 2.6, 0.8, 0.04], 0.97, 0.45, 0.6, 0, 0, 0, null, ['bunch' => 100], [], null],
        'garlic' => ['Garlic', 'solid', 'plain', [58.5, 6.4, 0.5, 31, 2.1, 1.5, 0.04], 1.05, 0.6, 0.62, 0, 0, 0, null, ['clove' => 4], [], null],
        'spinach' => ['Spinach', 'solid', 'strands', [91.4, 2.86, 0.39, 1.43, 2.2, 1.72, 0.2], 1, 0.75, 0.32, 0, 0, 0, null, ['cup' => 32], [], null],
        'chard' => ['Chard', 'solid', 'strands', [92.7, 1.8, 0.2, 2.1, 1.6, 1.6, 0.53], 1, 0.75, 0.32, 0, 0, 0, null, ['bunch' => 300, 'cup' => 38], [], null],
        'kale' => ['Kale', 'solid', 'strands', [88.5, 2.9, 1.5, 1.5, 4.1, 1.5, 0.13], 1, 0.55, 0.5, 0, 0, 0, null, ['cup' => 25], [], null],
        'sorrel' => ['Sorrel', 'solid', 'strands', [93, 2, 0.7, 0.3, 2.9, 1.1, 0.01], 1, 0.75, 0.3, 0, 0, 0, null, ['cup' => 32], [], null],
        'rocket' => ['Rocket', 'solid', 'strands', [91.65, 2.6, 0.7, 2.05, 1.6, 1.4, 0.07], 1, 0.6, 0.35, 0, 0, 0, null, [], [], null],
        'savoy-cabbage' => ['Savoy cabbage', 'solid', 'strands', [91, 2, 0.1, 3, 3.1, 0.8, 0.07], 0.98, 0.55, 0.6, 0, 0, 0, null, ['cup' => 74], [], null],
        'white-cabbage' => ['White cabbage', 'solid', 'strands', [92.15, 1.3, 0.1, 3.3, 2.5, 0.65, 0.05], 0.98, 0.55, 0.6, 0, 0, 0, null, ['cup' => 94], [], null],
        'mushrooms' => ['Mushrooms', 'solid', 'arcs', [92.45, 3.09, 0.34, 2.26, 1, 0.86, 0.01], 0.96, 0.62, 0.4, 0, 0, 0, null, ['medium' => 18, 'cup' => 74], [], null],
        'courgettes' => ['Courgettes', 'solid', 'arcs', [94.8, 1.2, 0.3, 2.1, 1, 0.6, 0.02], 0.98, 0.6, 0.45, 0, 0, 0, null, ['small' => 120, 'medium' => 200, 'large' => 320], [], null],
        'aubergine' => ['Aubergine', 'solid', 'cubes', [92.2, 1, 0.2, 2.9, 3, 0.7, 0], 0.95, 0.55, 0.5, 0, 0, 0, null, ['medium' => 300], [], null],
        'tomatoes' => ['Tomatoes', 'solid', 'arcs', [94.5, 0.9, 0.2, 2.7, 1.2, 0.5, 0.01], 1, 0.68, 0.45, 0, 0, 0, null, ['medium' => 100, 'large' => 160], [], null],
        'red-pepper' => ['Red pepper', 'solid', 'strands', [92.2, 1, 0.3, 3.9, 2.1, 0.5, 0.01], 0.98, 0.6, 0.5, 0, 0, 0, null, ['medium' => 150], [], null],
        'asparagus' => ['Asparagus', 'solid', 'strands', [93.2, 2.2, 0.1, 1.8, 2.1, 0.6, 0.01], 0.98, 0.6, 0.7, 0, 0, 0, null, ['bunch' => 250], [], null],
        'broccoli' => ['Broccoli', 'solid', 'cubes', [89.3, 2.8, 0.4, 4, 2.6, 0.9, 0.08], 0.96, 0.45, 0.72, 0, 0, 0, null, [], [], null],
        'cauliflower' => ['Cauliflower', 'solid', 'cubes', [92, 1.9, 0.3, 3, 2, 0.8, 0.08], 0.96, 0.5, 0.72, 0, 0, 0, null, [], [], null],
        'fennel' => ['Fennel', 'solid', 'strands', [90.21, 1.24, 0.2, 4.2, 3.1, 1.05, 0.13], 0.98, 0.62, 0.62, 0, 0, 0, null, ['bulb' => 230], [], null],
        'celery' => ['Celery', 'solid', 'arcs', [95.35, 0.7, 0.2, 1.4, 1.6, 0.75, 0.2], 0.98, 0.6, 0.55, 0, 0, 0, null, ['stick' => 45], ['celery'], null],
        'celeriac' => ['Celeriac', 'solid', 'cubes', [88, 1.5, 0.3, 7.4, 1.8, 1, 0.25], 1.02, 0.62, 0.75, 0, 0, 0, null, [], ['celery'], null],
        'carrots' => ['Carrots', 'solid', 'cubes', [88.3, 0.9, 0.2, 6.8, 2.8, 1, 0.17], 1.03, 0.62, 0.75, 0, 0, 0, null, ['medium' => 80], [], null],
        'parsnips' => ['Parsnips', 'solid', 'cubes', [79.5, 1.2, 0.3, 13.1, 4.9, 1, 0.03], 1.03, 0.6, 0.75, 0, 0, 0, null, ['medium' => 110], [], null],
        'swede' => ['Swede', 'solid', 'cubes', [89.3, 1.1, 0.2, 6.3, 2.3, 0.8, 0.03], 1.02, 0.62, 0.75, 0, 0, 0, null, [], [], null],
        'turnip' => ['Turnip', 'solid', 'cubes', [91.9, 0.9, 0.1, 4.6, 1.8, 0.7, 0.17], 1.02, 0.62, 0.75, 0, 0, 0, null, ['medium' => 120], [], null],
        'potatoes' => ['Potatoes', 'solid', 'cubes', [79.3, 2, 0.1, 15.3, 2.2, 1.1, 0.02], 1.07, 0.65, 0.82, 0, 0, 0, null, ['medium' => 170], [], null],
        'sweet-potatoes' => ['Sweet potatoes', 'solid', 'cubes', [77.2, 1.6, 0.1, 17.1, 3, 1, 0.14], 1.05, 0.62, 0.78, 0, 0, 0, null, ['medium' => 200], [], null],
        'beetroot' => ['Beetroot', 'solid', 'cubes', [87.5, 1.6, 0.2, 6.8, 2.8, 1.1, 0.2], 1.04, 0.62, 0.78, 0, 0, 0, null, ['medium' => 110], [], null],
        'pumpkin' => ['Pumpkin', 'solid', 'cubes', [91.6, 1, 0.1, 6, 0.5, 0.8, 0], 0.98, 0.6, 0.58, 0, 0, 0, null, [], [], null],
        'butternut' => ['Butternut squash', 'solid', 'cubes', [86.4, 1, 0.1, 9.7, 2, 0.8, 0.01], 1, 0.6, 0.65, 0, 0, 0, null, ['medium' => 900], [], null],
        'peas' => ['Peas', 'solid', 'crumbs', [78.8, 5.4, 0.4, 8.8, 5.7, 0.9, 0.01], 1.05, 0.66, 0.85, 0, 0, 0, null, [], [], null],
        'green-beans' => ['Green beans', 'solid', 'strands', [90.3, 1.8, 0.2, 4.3, 2.7, 0.7, 0.02], 0.98, 0.5, 0.8, 0, 0, 0, null, [], [], null],
        'sweetcorn' => ['Sweetcorn', 'solid', 'crumbs', [76, 3.3, 1.4, 16.7, 2, 0.6, 0.04], 1.05, 0.65, 0.82, 0, 0, 0, null, ['cob' => 130], [], null],
        'artichoke-hearts' => ['Artichoke hearts, tinned, drained', 'solid', 'arcs', [88.7, 2, 0.2, 3, 4.5, 1.6, 0.9], 1.02, 0.6, 0.75, 0, 0, 0, null, ['tin' => 240], [], null],
        'olives' => ['Olives, stoned', 'solid', 'arcs', [80.1, 0.8, 10.7, 3, 3.2, 2.2, 1.84], 1, 0.6, 0.88, 0, 0, 0, null, [], [], null],
        'capers' => ['Capers, drained', 'solid', 'crumbs', [83.8, 2.4, 0.9, 1.7, 3.2, 8, 5.87], 1.05, 0.6, 0.85, 0, 0, 0, null, [], [], null],
        'apples' => ['Apples', 'solid', 'cubes', [85.5, 0.3, 0.2, 11.4, 2.4, 0.2, 0], 0.9, 0.55, 0.6, 0, 0, 0, null, ['medium' => 140], [], null],
    ];
}

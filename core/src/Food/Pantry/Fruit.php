<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food\Pantry;

/** Fruit, fresh and dried, trimmed. Written by ./hojaldre generate from core/pantry; sources stand there. */
final readonly class Fruit
{
    /** Columns as in the table, composition in one. */
    public const ROWS = [
        'apples' => ['Apples', 'solid', 'cubes', [85.5, 0.3, 0.2, 11.4, 2.4, 0.2, 0], 0.9, 0.55, 0.6, 0, 0, 0, null, ['medium' => 140, 'small' => 100, 'large' => 200], [], null, [], 'sure', 0.04, 10.49],
        'pears' => ['Pears', 'solid', 'cubes', [84, 0.4, 0.1, 12.1, 3.1, 0.3, 0], 1, 0.62, 0.75, 0, 0, 0, null, ['medium' => 150], [], null, [], 'sure', 0.02, 11.13],
        'quince' => ['Quince', 'solid', 'cubes', [83.8, 0.4, 0.1, 13.4, 1.9, 0.4, 0.01], 1.02, 0.62, 0.78, 0, 0, 0, null, ['medium' => 200], [], null, [], 'sure', 0.02, 12.33],
        'figs' => ['Figs, fresh', 'solid', 'arcs', [79, 0.8, 0.3, 16.3, 2.9, 0.7, 0], 1.03, 0.65, 0.8, 0, 0, 0, null, ['medium' => 50], [], null, [], 'sure', 0.06, 15],
        'grapes' => ['Grapes', 'solid', 'arcs', [80.5, 0.7, 0.2, 17.2, 0.9, 0.5, 0], 1.05, 0.62, 0.8, 0, 0, 0, null, [], [], null, [], 'sure', 0.04, 15.82],
        'plums' => ['Plums', 'solid', 'cubes', [87.2, 0.7, 0.3, 10, 1.4, 0.4, 0], 1.03, 0.62, 0.75, 0, 0, 0, null, ['medium' => 60], [], null, [], 'sure', 0.06, 9.2],
        'dried-apricots' => ['Dried apricots', 'solid', 'cubes', [30.9, 3.4, 0.5, 55.3, 7.3, 2.6, 0.03], 1.3, 0.6, 1, 0, 0, 0.3, null, ['medium' => 7], ['sulphites'], null, [], 'packet', 0.1, 50.88],
        'prunes' => ['Prunes', 'solid', 'cubes', [30.9, 2.2, 0.4, 56.8, 7.1, 2.6, 0], 1.3, 0.7, 1, 0, 0, 0.2, null, ['medium' => 9], ['sulphites'], null, [], 'packet', 0.08, 52.26],
        'raisins' => ['Raisins', 'solid', 'crumbs', [15.3, 3.1, 0.5, 75.5, 3.7, 1.9, 0.03], 1.35, 0.62, 1, 0, 0, 0.4, null, [], ['sulphites'], null, [], 'packet', 0.1, 69.46],
        'dates' => ['Dates', 'solid', 'cubes', [20.5, 2.5, 0.4, 67, 8, 1.6, 0], 1.3, 0.6, 1, 0, 0, 0.3, null, ['medium' => 8], ['sulphites'], null, [], 'packet', 0.08, 61.64],
        'cranberries' => ['Cranberries', 'solid', 'crumbs', [87.2, 0.5, 0.1, 8.4, 3.6, 0.2, 0], 1, 0.45, 0.75, 0, 0, 0, null, [], ['sulphites'], null, [], 'packet', 0.02, 7.73],
        'pomegranate' => ['Pomegranate seeds', 'solid', 'crumbs', [77.9, 1.7, 1.2, 14.7, 4, 0.5, 0.01], 1.05, 0.65, 0.8, 0, 0, 0, null, ['medium' => 130], [], null, [], 'sure', 0.24, 13.52],
        'pineapple' => ['Pineapple, tinned, drained', 'solid', 'cubes', [83.2, 0.4, 0.1, 15, 1, 0.3, 0], 1.05, 0.65, 0.8, 0, 0, 0, null, ['tin' => 260, 'slice' => 35], [], null, [], 'sure', 0.02, 13.8],
        'plantain' => ['Plantain', 'solid', 'cubes', [65.2, 1.3, 0.4, 29.6, 2.3, 1.2, 0.01], 1.08, 0.65, 0.85, 0, 0, 0, null, ['medium' => 180], [], null, [], 'sure', 0.08, 16.28],
        'avocado' => ['Avocado', 'solid', 'cubes', [73.2, 2, 14.7, 1.8, 6.7, 1.6, 0.02], 1.02, 0.65, 0.9, 0, 0, 0, null, ['medium' => 150], [], null, [], 'sure', 2.21, 0.72],
        'lemons' => ['Lemons', 'solid', 'arcs', [89, 1.1, 0.3, 6.5, 2.8, 0.3, 0], 1.02, 0.6, 0.8, 0, 0, 0, null, ['small' => 80, 'medium' => 110, 'large' => 150], [], null, [], 'sure', 0.06, 2.6],
    ];
}

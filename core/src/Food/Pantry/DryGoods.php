<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food\Pantry;

/** Herbs, nuts, pulses, fats, binders, seasonings and doughs. Written by ./hojaldre generate from core/pantry; sources stand there. */
final readonly class DryGoods
{
    /** Columns as in the table, composition in one. */
    public const ROWS = [
        'parsley' => ['Parsley, chopped', 'solid', 'strands', [87.7, 3, 0.8, 3, 3.3, 2.2, 0.14], 0.9, 0.15, 0.8, 0, 0, 0, null, ['bunch' => 40], [], null],
        'sage' => ['Sage leaves', 'solid', 'strands', [66, 3.7, 2.7, 12, 12, 3.6, 0.01], 0.9, 0.15, 0.8, 0, 0, 0, null, ['leaf' => 0.5], [], null],
        'thyme' => ['Thyme leaves', 'solid', 'strands', [65, 5.6, 1.7, 10.5, 14, 3.2, 0.02], 0.9, 0.15, 0.8, 0, 0, 0, null, ['sprig' => 1], [], null],
        'tarragon' => ['Tarragon', 'solid', 'strands', [82.7, 4, 1.1, 7, 3, 2.2, 0.05], 0.9, 0.15, 0.8, 0, 0, 0, null, ['sprig' => 2], [], null],
        'dill' => ['Dill', 'solid', 'strands', [85.9, 3.5, 1.1, 4.9, 2.1, 2.5, 0.15], 0.9, 0.15, 0.8, 0, 0, 0, null, ['bunch' => 25], [], null],
        'chives' => ['Chives', 'solid', 'strands', [90.6, 3.3, 0.7, 1.9, 2.5, 1, 0.01], 0.9, 0.15, 0.8, 0, 0, 0, null, ['bunch' => 20], [], null],
        'basil' => ['Basil', 'solid', 'strands', [92, 3.2, 0.6, 1.1, 1.6, 1.5, 0.01], 0.9, 0.15, 0.8, 0, 0, 0, null, ['leaf' => 0.5], [], null],
        'rosemary' => ['Rosemary', 'solid', 'strands', [67.7, 3.3, 5.9, 6.6, 14.1, 2.4, 0.07], 0.9, 0.15, 0.8, 0, 0, 0, null, ['sprig' => 2], [], null],
        'hazelnuts' => ['Hazelnuts', 'solid', 'cubes', [5.31, 14.95, 60.75, 7, 9.7, 2.29, 0], 1.05, 0.55, 0.99, 0, 0, 0, null, [], ['nuts'], null],
        'walnuts' => ['Walnuts', 'solid', 'cubes', [4.1, 15.2, 65.2, 7, 6.7, 1.8, 0], 1.05, 0.55, 0.99, 0, 0, 0, null, [], ['nuts'], null],
        'almonds' => ['Almonds', 'solid', 'cubes', [4.4, 21.2, 49.9, 9, 12.5, 3, 0], 1.05, 0.55, 0.99, 0, 0, 0, null, [], ['nuts'], null],
        'pine-nuts' => ['Pine nuts', 'solid', 'cubes', [2.2, 13.7, 68.4, 9.4, 3.7, 2.6, 0.01], 1.05, 0.55, 0.99, 0, 0, 0, null, [], [], null],
        'sesame' => ['Sesame seeds', 'solid', 'cubes', [4.6, 17.7, 49.7, 11.7, 11.8, 4.5, 0.03], 1.05, 0.55, 0.99, 0, 0, 0, null, [], ['sesame'], null],
        'pumpkin-seeds' => ['Pumpkin seeds', 'solid', 'cubes', [5.3, 30.2, 49, 4.7, 6, 4.8, 0.02], 1.05, 0.55, 0.99, 0, 0, 0, null, [], [], null],
        'lentils' => ['Lentils, cooked', 'solid', 'crumbs', [69.7, 9, 0.4, 12.2, 7.9, 0.8, 0.01], 1.08, 0.7, 0.88, 0, 0, 0, null, [], [], null],
        'chickpeas' => ['Chickpeas, tinned, drained', 'solid', 'crumbs', [69.3, 7, 2.6, 13.5, 6.4, 1.2, 0.6], 1.08, 0.7, 0.88, 0, 0, 0, null, ['tin' => 240], [], null],
        'white-beans' => ['White beans, tinned, drained', 'solid', 'crumbs', [71.4, 7, 0.3, 13.5, 6.3, 1.5, 0.6], 1.08, 0.7, 0.88, 0, 0, 0, null, ['tin' => 240], [], null],
        'butter' => ['Butter, salted', 'solid', 'plain', [15.87, 0.85, 81.11, 0.06, 0, 2.11, 1.6], 0.95, 0.95, 0.9, 0, 0, 0, null, ['stick' => 113.4], ['milk'], null],
        'unsalted-butter' => ['Butter, unsalted', 'solid', 'plain', [17.49, 0.85, 81.5, 0.06, 0, 0.1, 0.03], 0.95, 0.95, 0.9, 0, 0, 0, null, ['stick' => 113.4], ['milk'], null],
        'lard' => ['Lard', 'solid', 'plain', [0, 0, 100, 0, 0, 0, 0], 0.92, 0.92, 1, 0, 0, 0, null, [], [], null],
        'olive-oil' => ['Olive oil', 'solid', 'plain', [0, 0, 100, 0, 0, 0, 0], 0.91, 0.91, 1, 0, 0, 0, null, [], [], null],
        'dry-crumbs' => ['Dry breadcrumbs', 'binder', 'crumbs', [6.51, 13.35, 5.3, 67.48, 4.5, 2.86, 1.83], 1.25, 0.42, 1, 0, 0, 1.75, null, [], ['gluten'], null],
        'fresh-crumbs' => ['Fresh breadcrumbs', 'binder', 'crumbs', [36.7, 8.8, 3.3, 46.5, 2.7, 2, 1.2], 1.1, 0.25, 1, 0, 0, 1, null, [], ['gluten'], null],
        'rusk' => ['Rusk crumbs', 'binder', 'crumbs', [8.9, 11, 1.6, 74, 3, 1.5, 1], 1.3, 0.5, 1, 0, 0, 2, null, [], ['gluten'], null],
        'flour' => ['Wheat flour', 'binder', 'crumbs', [11.9, 10.3, 1, 73.6, 2.7, 0.5, 0.01], 1.45, 0.52, 1, 0, 0, 1.75, null, [], ['gluten'], null],
        'semolina' => ['Semolina', 'binder', 'crumbs', [12.6, 12.7, 1.1, 68.9, 3.9, 0.8, 0], 1.4, 0.68, 1, 0, 0, 2, null, [], ['gluten'], null],
        'cornflour' => ['Cornflour', 'binder', 'crumbs', [8.2, 0.3, 0.1, 90.4, 0.9, 0.1, 0.02], 1.5, 0.54, 1, 0, 0, 10, null, [], [], null],
        'tapioca' => ['Tapioca pearls', 'binder', 'crumbs', [11, 0.2, 0, 87.8, 0.9, 0.1, 0], 1.4, 0.65, 1, 0, 0, 3.5, null, [], [], null],
        'salt' => ['Fine salt', 'seasoning', 'plain', [0.2, 0, 0, 0, 0, 99.8, 99.8], 2.16, 1.2, 1, 0, 0, 0, null, [], [], null],
        'black-pepper' => ['Black pepper, ground', 'seasoning', 'plain', [17.8, 10.4, 3.3, 38.7, 25.3, 4.5, 0.05], 1.2, 0.46, 1, 0, 0, 0, null, [], [], null],
        'nutmeg' => ['Nutmeg, grated', 'seasoning', 'plain', [6.3, 5.8, 36.3, 28.5, 20.8, 2.3, 0.04], 1.1, 0.45, 1, 0, 0, 0, null, [], [], null],
        'mustard' => ['Mustard, made', 'seasoning', 'plain', [70, 6, 10, 4, 3, 7, 5.5], 1.05, 1.05, 1, 0, 0, 0, null, [], ['mustard', 'sulphites'], null],
        'shortcrust' => ['Shortcrust', 'dough', 'plain', [25.49, 6.11, 23.6, 41.84, 1.53, 1.43, 1.02], 1.16, 1.16, 1, 0, 0, 0, null, [], ['gluten', 'milk'], 'short'],
        'ready-shortcrust' => ['Shortcrust, bought', 'dough', 'plain', [20.5, 5.6, 27, 44, 1.6, 1.3, 0.9], 1.16, 1.16, 1, 0, 0, 0, null, [], ['gluten'], 'short'],
        'ready-puff' => ['Puff pastry, bought', 'dough', 'plain', [31.4, 5.8, 23.5, 36.5, 1.5, 1.3, 0.9], 1.1, 1.1, 1, 0, 0, 0, null, [], ['gluten'], 'puff'],
    ];
}

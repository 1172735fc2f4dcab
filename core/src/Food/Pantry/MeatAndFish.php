<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food\Pantry;

/** Meat, poultry and fish. Written by ./hojaldre generate from core/pantry; sources stand there. */
final readonly class MeatAndFish
{
    /** Columns as in the table, composition in one. */
    public const ROWS = [
        'streaky-bacon' => ['Streaky bacon, raw', 'solid', 'cubes', [51.8, 14.5, 30, 0.5, 0, 3.2, 2.4], 1.05, 0.62, 0.49, 0, 0, 0, 71, ['rasher' => 20], [], null],
        'back-bacon' => ['Back bacon, raw', 'solid', 'cubes', [64.2, 17, 15, 0.3, 0, 3.5, 2.6], 1.05, 0.62, 0.5, 0, 0, 0, 71, ['rasher' => 35], [], null],
        'pancetta' => ['Pancetta, diced', 'solid', 'cubes', [46.5, 16, 33, 0.5, 0, 4, 3.3], 1.05, 0.62, 0.54, 0, 0, 0, 71, [], [], null],
        'cooked-ham' => ['Cooked ham, diced', 'solid', 'cubes', [67, 20.5, 8, 1.3, 0, 3.2, 2.5], 1.05, 0.62, 0.92, 0, 0, 0, null, ['slice' => 30], [], null],
        'air-dried-ham' => ['Air-dried ham', 'solid', 'cubes', [50.7, 27, 15, 0.3, 0, 7, 5.5], 1.05, 0.62, 0.9, 0, 0, 0, null, ['slice' => 15], [], null],
        'chorizo' => ['Chorizo, diced', 'solid', 'cubes', [32.1, 24, 38, 1.9, 0, 4, 3.1], 1.05, 0.62, 0.85, 0, 0, 0, null, [], [], null],
        'salami' => ['Salami', 'solid', 'cubes', [37.8, 22, 34, 1.2, 0, 5, 4.2], 1.05, 0.62, 0.9, 0, 0, 0, null, ['slice' => 8], [], null],
        'minced-beef' => ['Minced beef, raw', 'solid', 'cubes', [65.5, 18.6, 15, 0, 0, 0.9, 0.17], 1.05, 0.62, 0.68, 0, 0, 0, 71, [], [], null],
        'minced-lamb' => ['Minced lamb, raw', 'solid', 'cubes', [59.13, 16.6, 23.4, 0, 0, 0.87, 0.15], 1.05, 0.62, 0.66, 0, 0, 0, 71, [], [], null],
        'minced-pork' => ['Minced pork, raw', 'solid', 'cubes', [61, 16.9, 21.2, 0, 0, 0.9, 0.14], 1.05, 0.62, 0.66, 0, 0, 0, 71, [], [], null],
        'minced-turkey' => ['Minced turkey, raw', 'solid', 'cubes', [71.6, 19.7, 7.7, 0, 0, 1, 0.17], 1.05, 0.62, 0.72, 0, 0, 0, 74, [], [], null],
        'sausage-meat' => ['Sausage meat, raw', 'solid', 'cubes', [52, 14, 25, 6, 0.5, 2.5, 1.8], 1.05, 0.62, 0.75, 0, 0, 0, 71, ['sausage' => 65], ['gluten', 'sulphites'], null],
        'beef-skirt' => ['Beef skirt, diced, raw', 'solid', 'cubes', [70.5, 20.5, 8, 0, 0, 1, 0.16], 1.05, 0.62, 0.65, 0, 0, 0, 71, [], [], null],
        'pork-shoulder' => ['Pork shoulder, diced, raw', 'solid', 'cubes', [66.55, 17.5, 15, 0, 0, 0.95, 0.16], 1.05, 0.62, 0.65, 0, 0, 0, 71, [], [], null],
        'lamb-shoulder' => ['Lamb shoulder, diced, raw', 'solid', 'cubes', [65.1, 17, 17, 0, 0, 0.9, 0.16], 1.05, 0.62, 0.65, 0, 0, 0, 71, [], [], null],
        'chicken-thigh' => ['Chicken thigh, diced, raw', 'solid', 'cubes', [75.2, 19.7, 4.1, 0, 0, 1, 0.24], 1.05, 0.62, 0.7, 0, 0, 0, 74, ['thigh' => 90], [], null],
        'chicken-breast' => ['Chicken breast, diced, raw', 'solid', 'cubes', [73.8, 22.5, 2.6, 0, 0, 1.1, 0.11], 1.05, 0.62, 0.72, 0, 0, 0, 74, ['breast' => 170], [], null],
        'cooked-chicken' => ['Cooked chicken, torn', 'solid', 'cubes', [64.5, 27, 7.4, 0, 0, 1.1, 0.2], 1.05, 0.62, 0.9, 0, 0, 0, 74, [], [], null],
        'smoked-trout' => ['Smoked trout, flaked', 'solid', 'flakes', [68, 22, 6.7, 0.3, 0, 3, 2.2], 1.05, 0.68, 0.93, 0, 0, 0, null, ['fillet' => 65], ['fish'], null],
        'smoked-salmon' => ['Smoked salmon', 'solid', 'flakes', [63.8, 22.5, 10, 0.2, 0, 3.5, 3], 1.05, 0.68, 0.92, 0, 0, 0, null, ['slice' => 25], ['fish'], null],
        'smoked-mackerel' => ['Smoked mackerel, flaked', 'solid', 'flakes', [54.2, 19, 24, 0, 0, 2.8, 1.9], 1.05, 0.68, 0.93, 0, 0, 0, null, ['fillet' => 85], ['fish'], null],
        'smoked-haddock' => ['Smoked haddock, raw', 'solid', 'flakes', [77.3, 19.4, 0.6, 0, 0, 2.7, 1.9], 1.05, 0.68, 0.78, 0, 0, 0, 63, ['fillet' => 180], ['fish'], null],
        'salmon' => ['Salmon, raw', 'solid', 'flakes', [65.1, 20.4, 13.4, 0, 0, 1.1, 0.15], 1.05, 0.68, 0.82, 0, 0, 0, 63, ['fillet' => 130], ['fish'], null],
        'cod' => ['Cod, raw', 'solid', 'flakes', [80.3, 17.8, 0.7, 0, 0, 1.2, 0.14], 1.05, 0.68, 0.76, 0, 0, 0, 63, ['fillet' => 150], ['fish'], null],
        'tinned-tuna' => ['Tuna, tinned, drained', 'solid', 'flakes', [74.1, 23.6, 1, 0, 0, 1.3, 0.9], 1.05, 0.68, 0.92, 0, 0, 0, null, ['tin' => 110], ['fish'], null],
        'tinned-sardines' => ['Sardines, tinned, drained', 'solid', 'flakes', [60.5, 24.6, 11.5, 0, 0, 3.4, 0.77], 1.05, 0.68, 0.94, 0, 0, 0, null, ['tin' => 90], ['fish'], null],
        'anchovies' => ['Anchovies in oil', 'solid', 'flakes', [50.3, 28.9, 9.7, 0, 0, 11.1, 9.17], 1.05, 0.68, 0.95, 0, 0, 0, null, ['fillet' => 4], ['fish'], null],
        'prawns' => ['Prawns, cooked', 'solid', 'flakes', [75.8, 21, 1, 0.2, 0, 2, 1], 1.05, 0.68, 0.88, 0, 0, 0, null, [], ['crustaceans'], null],
        'crab' => ['Crab meat', 'solid', 'flakes', [76.5, 20, 1.5, 0, 0, 2, 0.95], 1.05, 0.68, 0.9, 0, 0, 0, null, [], ['crustaceans'], null],
    ];
}

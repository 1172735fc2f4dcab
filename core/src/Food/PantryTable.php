<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

/**
 * The foods every kitchen starts with.
 *
 * Composition per 100 g: docs/sources.md#usda-sr-legacy (values from memory, rounded, water taken as the
 * rest to 100) and, for British creams, docs/sources.md#mccance-widdowson (likewise). Shortcrust is computed from flour 100, salted
 * butter 50, water 25, salt 1. Densities, floor yields, piece weights and preparations: common practice, no source.
 */
final readonly class PantryTable
{
    /** Columns of COMPOSITION: water, protein, fat, carbohydrate, fibre, ash, salt. */
    public const COMPOSITION = [
        'egg' => [76.15, 12.56, 9.51, 0.72, 0, 1.06, 0.36],
        'egg-yolk' => [52.3, 15.86, 26.54, 3.59, 0, 1.71, 0.12],
        'egg-white' => [87.57, 10.9, 0.17, 0.73, 0, 0.63, 0.42],
        'whole-milk' => [88.13, 3.15, 3.27, 4.78, 0, 0.67, 0.11],
        'single-cream' => [73.75, 2.96, 19.1, 3.66, 0, 0.53, 0.1],
        'double-cream' => [47.4, 1.7, 48, 2.6, 0, 0.3, 0.06],
        'creme-fraiche' => [64, 2.3, 30.5, 2.7, 0, 0.5, 0.07],
        'ricotta' => [71.7, 11.26, 12.98, 3.04, 0, 1.02, 0.21],
        'hard-cheese' => [37.02, 22.87, 33.31, 3.09, 0, 3.71, 1.63],
        'blue-cheese' => [42.41, 21.4, 28.74, 2.34, 0, 5.11, 2.87],
        'smoked-trout' => [68, 22, 6.7, 0.3, 0, 3, 2.2],
        'cooked-ham' => [67, 20.5, 8, 1.3, 0, 3.2, 2.5],
        'leeks' => [83, 1.5, 0.3, 12.35, 1.8, 1.05, 0.05],
        'onions' => [89.11, 1.1, 0.1, 7.64, 1.7, 0.35, 0.01],
        'pumpkin' => [91.6, 1, 0.1, 6, 0.5, 0.8, 0],
        'fennel' => [90.21, 1.24, 0.2, 4.2, 3.1, 1.05, 0.13],
        'spinach' => [91.4, 2.86, 0.39, 1.43, 2.2, 1.72, 0.2],
        'mushrooms' => [92.45, 3.09, 0.34, 2.26, 1, 0.86, 0.01],
        'hazelnuts' => [5.31, 14.95, 60.75, 7, 9.7, 2.29, 0],
        'sage' => [66, 3.7, 2.7, 12, 12, 3.6, 0.01],
        'butter' => [15.87, 0.85, 81.11, 0.06, 0, 2.11, 1.6],
        'dry-crumbs' => [6.51, 13.35, 5.3, 67.48, 4.5, 2.86, 1.83],
        'salt' => [0.2, 0, 0, 0, 0, 99.8, 99.8],
        'shortcrust' => [25.49, 6.11, 23.6, 41.84, 1.53, 1.43, 1.02],
    ];

    /**
     * Columns of USE: name, role, texture, g/ml true, g/ml in bulk, floor yield, eggs per 100 g, liquid share,
     * g water bound per g, safe °C, pieces, allergens. 71 °C for egg dishes: docs/sources.md#usda-safe-minimum.
     */
    public const USE = [
        'egg' => ['Egg, without shell', 'egg', 'plain', 1.03, 1.03, 1, 2, 0, 0, 71, ['large' => 50, 'medium' => 44], ['egg']],
        'egg-yolk' => ['Egg yolk', 'egg', 'plain', 1.03, 1.03, 1, 2.94, 0, 0, 71, ['large' => 17, 'medium' => 15], ['egg']],
        'egg-white' => ['Egg white', 'egg', 'plain', 1.04, 1.04, 1, 1.52, 0, 0, 71, ['large' => 33, 'medium' => 29], ['egg']],
        'whole-milk' => ['Whole milk', 'dairy', 'plain', 1.03, 1.03, 1, 0, 1, 0, null, [], ['milk']],
        'single-cream' => ['Single cream', 'dairy', 'plain', 1.01, 1.01, 1, 0, 1, 0, null, [], ['milk']],
        'double-cream' => ['Double cream', 'dairy', 'plain', 0.99, 0.99, 1, 0, 1, 0, null, [], ['milk']],
        'creme-fraiche' => ['Crème fraîche', 'dairy', 'plain', 1, 1, 1, 0, 1, 0, null, [], ['milk']],
        'ricotta' => ['Ricotta', 'dairy', 'plain', 1.04, 1.04, 1, 0, 0.5, 0, null, [], ['milk']],
        'hard-cheese' => ['Hard cheese, grated', 'solid', 'shavings', 1.08, 0.46, 0.97, 0, 0, 0.2, null, [], ['milk']],
        'blue-cheese' => ['Blue cheese, crumbled', 'solid', 'shavings', 1.06, 0.63, 0.97, 0, 0, 0, null, [], ['milk']],
        'smoked-trout' => ['Smoked trout, flaked', 'solid', 'flakes', 1.05, 0.68, 0.93, 0, 0, 0, null, ['fillet' => 65], ['fish']],
        'cooked-ham' => ['Cooked ham, diced', 'solid', 'cubes', 1.06, 0.64, 0.92, 0, 0, 0, null, ['slice' => 30], []],
        'leeks' => ['Leeks', 'solid', 'strands', 0.98, 0.7, 0.62, 0, 0, 0, null, ['small' => 90, 'medium' => 150, 'large' => 220], []],
        'onions' => ['Onions', 'solid', 'arcs', 0.98, 0.66, 0.45, 0, 0, 0, null, ['small' => 90, 'medium' => 150, 'large' => 220], []],
        'pumpkin' => ['Pumpkin', 'solid', 'cubes', 0.98, 0.6, 0.58, 0, 0, 0, null, [], []],
        'fennel' => ['Fennel', 'solid', 'strands', 0.98, 0.62, 0.62, 0, 0, 0, null, ['bulb' => 230], []],
        'spinach' => ['Spinach', 'solid', 'strands', 1, 0.75, 0.32, 0, 0, 0, null, [], []],
        'mushrooms' => ['Mushrooms', 'solid', 'arcs', 0.96, 0.62, 0.4, 0, 0, 0, null, ['medium' => 18], []],
        'hazelnuts' => ['Hazelnuts', 'solid', 'cubes', 1.05, 0.55, 0.97, 0, 0, 0, null, [], ['nuts']],
        'sage' => ['Sage leaves', 'solid', 'strands', 0.9, 0.15, 0.8, 0, 0, 0, null, ['leaf' => 0.5], []],
        'butter' => ['Butter, salted', 'solid', 'plain', 0.95, 0.95, 0.9, 0, 0, 0, null, [], ['milk']],
        'dry-crumbs' => ['Dry breadcrumbs', 'binder', 'crumbs', 1.25, 0.42, 1, 0, 0, 1.75, null, [], ['gluten']],
        'salt' => ['Fine salt', 'seasoning', 'plain', 2.16, 1.2, 1, 0, 0, 0, null, [], []],
        'shortcrust' => ['Shortcrust', 'dough', 'plain', 1.16, 1.16, 1, 0, 0, 0, null, [], ['gluten', 'milk']],
    ];

    /** Columns: name, yield low, yield high, minutes low, minutes high. */
    public const PREPARATIONS = [
        'leeks' => [['sweated and pressed', 0.62, 0.75, 5, 10], ['sweated', 0.65, 0.75, 5, 8]],
        'onions' => [['softened until collapsed', 0.5, 0.6, 10, 40], ['slow caramel', 0.3, 0.4, 30, 45]],
        'pumpkin' => [['roasted', 0.65, 0.75, 30, 40]],
        'fennel' => [['fried', 0.65, 0.75, 10, 15]],
        'spinach' => [['blanched and squeezed', 0.35, 0.45, 5, 10]],
        'mushrooms' => [['chopped fine, high heat', 0.45, 0.55, 10, 15]],
        'hazelnuts' => [['toasted', 0.97, 0.99, 8, 10]],
    ];
}

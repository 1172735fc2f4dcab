<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food\Pantry;

/** What eggs are stirred with. Written by ./hojaldre generate from core/pantry; sources stand there. */
final readonly class Dairy
{
    /** Columns as in the table, composition in one. */
    public const ROWS = [
        'skimmed-milk' => ['Skimmed milk', 'dairy', 'plain', [90.75, 3.4, 0.1, 5, 0, 0.75, 0.11], 1.035, 1.035, 1, 0, 1, 0, null, [], ['milk'], null, [], 'sure', 0.06, 4.85],
        'semi-skimmed-milk' => ['Semi-skimmed milk', 'dairy', 'plain', [89.38, 3.4, 1.7, 4.8, 0, 0.72, 0.11], 1.033, 1.033, 1, 0, 1, 0, null, [], ['milk'], null, [], 'sure', 1.07, 4.66],
        'whole-milk' => ['Whole milk', 'dairy', 'plain', [88.13, 3.15, 3.27, 4.78, 0, 0.67, 0.11], 1.03, 1.03, 1, 0, 1, 0, null, [], ['milk'], null, [], 'sure', 2.06, 4.64],
        'buttermilk' => ['Buttermilk', 'dairy', 'plain', [90.15, 3.3, 0.9, 4.8, 0, 0.85, 0.3], 1.03, 1.03, 1, 0, 1, 0, null, ['carton' => 284, 'tub' => 284], ['milk'], null, [], 'sure', 0.57, 4.66],
        'half-cream' => ['Half cream', 'dairy', 'plain', [80.2, 3, 12, 4.2, 0, 0.6, 0.1], 1.02, 1.02, 1, 0, 1, 0, null, ['carton' => 303], ['milk'], null, [], 'sure', 7.56, 4.07],
        'single-cream' => ['Single cream', 'dairy', 'plain', [73.75, 2.96, 19.1, 3.66, 0, 0.53, 0.1], 1.01, 1.01, 1, 0, 1, 0, null, ['carton' => 303, 'tub' => 303], ['milk'], null, [], 'sure', 12.03, 3.55],
        'whipping-cream' => ['Whipping cream', 'dairy', 'plain', [58.45, 2.2, 36, 2.9, 0, 0.45, 0.07], 1, 1, 1, 0, 1, 0, null, ['carton' => 300, 'tub' => 300], ['milk'], null, [], 'sure', 22.68, 2.81],
        'double-cream' => ['Double cream', 'dairy', 'plain', [47.4, 1.7, 48, 2.6, 0, 0.3, 0.06], 0.99, 0.99, 1, 0, 1, 0, null, ['carton' => 300, 'tub' => 300], ['milk'], null, [], 'sure', 30.24, 2.52],
        'clotted-cream' => ['Clotted cream', 'dairy', 'plain', [32.2, 1.6, 63.5, 2.3, 0, 0.4, 0.05], 0.96, 0.96, 1, 0, 0.8, 0, null, [], ['milk'], null, [], 'sure', 40.01, 2.23],
        'creme-fraiche' => ['Crème fraîche', 'dairy', 'plain', [64, 2.3, 30.5, 2.7, 0, 0.5, 0.07], 1, 1, 1, 0, 1, 0, null, ['tub' => 200], ['milk'], null, [], 'sure', 19.22, 2.62],
        'light-creme-fraiche' => ['Crème fraîche, half fat', 'dairy', 'plain', [77.4, 2.7, 15, 4.3, 0, 0.6, 0.1], 1.02, 1.02, 1, 0, 1, 0, null, ['tub' => 200], ['milk'], null, [], 'sure', 9.45, 4.17],
        'soured-cream' => ['Soured cream', 'dairy', 'plain', [73.1, 2.4, 19.4, 4.6, 0, 0.5, 0.08], 1.01, 1.01, 1, 0, 1, 0, null, ['tub' => 300], ['milk'], null, [], 'sure', 12.22, 4.46],
        'yoghurt' => ['Plain yoghurt', 'dairy', 'plain', [87.8, 3.5, 3.3, 4.7, 0, 0.7, 0.12], 1.03, 1.03, 1, 0, 1, 0, null, ['tub' => 450], ['milk'], null, [], 'sure', 2.08, 4.56],
        'strained-yoghurt' => ['Strained yoghurt', 'dairy', 'plain', [81.25, 9, 5, 4, 0, 0.75, 0.09], 1.04, 1.04, 1, 0, 0.75, 0, null, ['tub' => 450], ['milk'], null, [], 'sure', 3.15, 3.88],
        'rich-strained-yoghurt' => ['Strained yoghurt, 10 % fat', 'dairy', 'plain', [79.8, 5.7, 10, 3.8, 0, 0.7, 0.13], 1.03, 1.03, 1, 0, 0.8, 0, null, ['tub' => 450], ['milk'], null, [], 'sure', 6.3, 3.69],
        'ricotta' => ['Ricotta', 'dairy', 'plain', [71.7, 11.26, 12.98, 3.04, 0, 1.02, 0.21], 1.04, 1.04, 1, 0, 0.5, 0, null, ['tub' => 250], ['milk'], null, [], 'sure', 8.18, 2.95],
        'cottage-cheese' => ['Cottage cheese', 'dairy', 'plain', [79.8, 11.1, 4.3, 3.4, 0, 1.4, 0.91], 1.03, 1.03, 1, 0, 0.5, 0, null, ['tub' => 300], ['milk'], null, [], 'sure', 2.71, 3.3],
        'quark' => ['Quark', 'dairy', 'plain', [83, 12, 0.2, 4, 0, 0.8, 0.1], 1.04, 1.04, 1, 0, 0.6, 0, null, ['tub' => 250], ['milk'], null, [], 'sure', 0.13, 3.88],
        'cream-cheese' => ['Cream cheese', 'dairy', 'plain', [52.6, 6.2, 34.4, 5.5, 0, 1.3, 0.8], 1, 1, 1, 0, 0.3, 0, null, ['tub' => 200, 'pack' => 200], ['milk'], null, [], 'sure', 21.67, 5.34],
        'mascarpone' => ['Mascarpone', 'dairy', 'plain', [46.6, 4.8, 44, 4, 0, 0.6, 0.1], 0.98, 0.98, 1, 0, 0.3, 0, null, ['tub' => 250], ['milk'], null, [], 'sure', 27.72, 3.88],
        'mayonnaise' => ['Mayonnaise', 'dairy', 'plain', [21.6, 1, 75, 0.6, 0, 1.8, 1.6], 0.93, 0.93, 1, 0.1, 0.3, 0, null, ['jar' => 400], ['egg', 'mustard'], null, [], 'packet', 11.25, 0.54],
        'coconut-milk' => ['Coconut milk, tinned', 'dairy', 'plain', [72.9, 2.3, 21.3, 2.8, 0, 0.7, 0.04], 1, 1, 1, 0, 0.9, 0, null, ['tin' => 400], ['sulphites'], null, [], 'packet', 18.96, 1.68],
        'goat-milk' => ['Goat milk', 'dairy', 'plain', [87.05, 3.6, 4.1, 4.45, 0, 0.8, 0.13], 1.03, 1.03, 1, 0, 1, 0, null, [], ['milk'], null, [], 'sure', 0.82, 1.34],
        'evaporated-milk' => ['Evaporated milk', 'dairy', 'plain', [74, 6.8, 7.6, 10, 0, 1.6, 0.27], 1.07, 1.07, 1, 0, 0.95, 0, null, ['tin' => 410], ['milk'], null, [], 'sure', 4.79, 9.7],
        'kefir' => ['Kefir', 'dairy', 'plain', [88.3, 3.4, 3, 4.6, 0, 0.7, 0.1], 1.03, 1.03, 1, 0, 0.95, 0, null, [], ['milk'], null, [], 'sure', 1.89, 4.46],
        'oat-drink' => ['Oat drink', 'dairy', 'plain', [89.7, 0.8, 1.5, 6.6, 0.8, 0.6, 0.1], 1.03, 1.03, 1, 0, 1, 0, null, [], ['gluten'], null, ['oats'], 'packet', 0.18, 3.63],
        'soya-drink' => ['Soya drink', 'dairy', 'plain', [93.1, 3.3, 1.8, 0.7, 0.5, 0.6, 0.1], 1.02, 1.02, 1, 0, 1, 0, null, [], ['soya'], null, [], 'packet', 0.27, 0.42],
        'oat-cream' => ['Oat cream', 'dairy', 'plain', [76.2, 1, 15, 6.5, 0.8, 0.5, 0.1], 1, 1, 1, 0, 0.95, 0, null, [], ['gluten'], null, ['oats'], 'packet', 1.8, 3.58],
        'soya-cream' => ['Soya cream', 'dairy', 'plain', [76.9, 3, 17, 2, 0.6, 0.5, 0.1], 1, 1, 1, 0, 0.95, 0, null, [], ['soya'], null, [], 'packet', 2.55, 1.2],
        'coconut-cream' => ['Coconut cream, tinned', 'dairy', 'plain', [70.8, 2, 22, 4, 0.5, 0.7, 0.1], 1, 1, 1, 0, 0.9, 0, null, ['tin' => 400], ['sulphites'], null, [], 'packet', 19.58, 2.4],
        'silken-tofu' => ['Silken tofu', 'dairy', 'plain', [88.9, 5, 2.7, 2.4, 0.2, 0.8, 0.02], 1.03, 1.03, 1, 0, 0.5, 0, null, [], ['soya'], null, [], 'sure', 0.41, 0.72],
    ];
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food\Pantry;

/** Cheeses that are laid or folded in; bulk density as grated or crumbled. Written by ./hojaldre generate from core/pantry; sources stand there. */
final readonly class Cheeses
{
    /** Columns as in the table, composition in one. */
    public const ROWS = [
        'hard-cheese' => ['Hard cheese, grated', 'solid', 'shavings', [37.02, 22.87, 33.31, 3.09, 0, 3.71, 1.63], 1.08, 0.46, 0.97, 0, 0, 0.2, null, [], ['milk'], null, [], 'sure', 20.99, 1.85],
        'gruyere' => ['Gruyère, grated', 'solid', 'shavings', [33.2, 29.8, 32.3, 0.4, 0, 4.3, 1.79], 1.08, 0.46, 0.97, 0, 0, 0.2, null, ['slice' => 25], ['milk'], null, [], 'sure', 20.35, 0.24],
        'emmental' => ['Emmental, grated', 'solid', 'shavings', [37.1, 27, 31, 1.4, 0, 3.5, 0.47], 1.07, 0.45, 0.97, 0, 0, 0.2, null, ['slice' => 25], ['milk'], null, [], 'sure', 19.53, 0.84],
        'parmesan' => ['Parmesan, grated', 'solid', 'shavings', [29.2, 35.8, 25.8, 3.2, 0, 6, 2.94], 1.15, 0.42, 0.97, 0, 0, 0.2, null, ['wedge' => 150], ['milk'], null, [], 'sure', 16.25, 1.92],
        'pecorino' => ['Pecorino, grated', 'solid', 'shavings', [31, 31.8, 26.9, 3.6, 0, 6.7, 3.58], 1.15, 0.42, 0.97, 0, 0, 0.2, null, [], ['milk'], null, [], 'sure', 16.95, 2.16],
        'gouda' => ['Gouda, grated', 'solid', 'shavings', [41.6, 24.9, 27.4, 2.2, 0, 3.9, 2.05], 1.08, 0.46, 0.97, 0, 0, 0.2, null, ['slice' => 25], ['milk'], null, [], 'sure', 17.26, 1.32],
        'provolone' => ['Provolone, grated', 'solid', 'shavings', [41, 25.6, 26.6, 2.1, 0, 4.7, 1.82], 1.08, 0.46, 0.97, 0, 0, 0.2, null, ['slice' => 25], ['milk'], null, [], 'sure', 16.76, 1.26],
        'feta' => ['Feta, crumbled', 'solid', 'shavings', [55.2, 14.2, 21.5, 3.9, 0, 5.2, 2.85], 1.05, 0.6, 0.97, 0, 0, 0, null, ['block' => 200, 'pack' => 200], ['milk'], null, [], 'sure', 13.55, 2.34],
        'blue-cheese' => ['Blue cheese, crumbled', 'solid', 'shavings', [42.41, 21.4, 28.74, 2.34, 0, 5.11, 2.87], 1.06, 0.63, 0.97, 0, 0, 0, null, ['wedge' => 150], ['milk'], null, [], 'packet', 18.11, 1.4],
        'goat-cheese' => ['Goat cheese, soft', 'solid', 'shavings', [58.8, 18.5, 21.1, 0, 0, 1.6, 1.15], 1.03, 0.85, 0.97, 0, 0, 0, null, ['log' => 150, 'pack' => 150, 'round' => 100], ['milk'], null, [], 'sure', 13.29, 0],
        'white-cheese' => ['White crumbly cheese', 'solid', 'shavings', [41.9, 23.5, 31, 0.1, 0, 3.5, 1.2], 1.07, 0.6, 0.97, 0, 0, 0, null, [], ['milk'], null, [], 'sure', 19.53, 0.06],
        'halloumi' => ['Halloumi, diced', 'solid', 'shavings', [46.8, 21.5, 25, 2.2, 0, 4.5, 2.7], 1.09, 0.6, 0.97, 0, 0, 0, null, ['block' => 225, 'pack' => 225], ['milk'], null, [], 'sure', 15.75, 1.32],
        'brie' => ['Brie, sliced', 'solid', 'shavings', [48.35, 20.8, 27.7, 0.45, 0, 2.7, 1.57], 1.04, 0.7, 0.97, 0, 0, 0, null, ['wedge' => 150, 'slice' => 25], ['milk'], null, [], 'sure', 17.45, 0.27],
        'camembert' => ['Camembert, sliced', 'solid', 'shavings', [51.74, 19.8, 24.3, 0.46, 0, 3.7, 2.1], 1.04, 0.7, 0.97, 0, 0, 0, null, ['round' => 250, 'slice' => 25], ['milk'], null, [], 'sure', 15.31, 0.28],
        'washed-rind-cheese' => ['Washed-rind cheese, sliced', 'solid', 'shavings', [52, 18, 26, 0.5, 0, 3.5, 2], 1.04, 0.7, 0.97, 0, 0, 0, null, [], ['milk'], null, [], 'sure', 16.38, 0.3],
        'mozzarella' => ['Mozzarella, fresh, torn', 'solid', 'shavings', [59.5, 18, 19, 1.5, 0, 2, 0.6], 1.04, 0.65, 0.8, 0, 0, 0, null, ['ball' => 125], ['milk'], null, [], 'sure', 11.97, 0.9],
        'cheddar' => ['Cheddar, grated', 'solid', 'shavings', [35.9, 24.9, 33.3, 2, 0, 3.9, 1.8], 1.08, 0.46, 0.97, 0, 0, 0.2, null, ['slice' => 25, 'block' => 200], ['milk'], null, [], 'sure', 20.98, 1.2],
        'comte' => ['Comté, grated', 'solid', 'shavings', [34.7, 27, 34, 0.5, 0, 3.8, 0.9], 1.08, 0.46, 0.97, 0, 0, 0.2, null, [], ['milk'], null, [], 'sure', 21.42, 0.3],
        'edam' => ['Edam, grated', 'solid', 'shavings', [41.6, 25, 27.8, 1.4, 0, 4.2, 2], 1.08, 0.46, 0.97, 0, 0, 0.2, null, ['slice' => 25], ['milk'], null, [], 'sure', 17.51, 0.84],
        'manchego' => ['Manchego, grated', 'solid', 'shavings', [33.2, 25, 37, 0.5, 0, 4.3, 1.7], 1.09, 0.46, 0.97, 0, 0, 0.2, null, [], ['milk'], null, [], 'sure', 23.31, 0.3],
        'fontina' => ['Fontina, sliced', 'solid', 'shavings', [37.9, 25.6, 31.1, 1.6, 0, 3.8, 2], 1.07, 0.6, 0.96, 0, 0, 0.1, null, [], ['milk'], null, [], 'sure', 19.59, 0.96],
        'raclette' => ['Raclette, sliced', 'solid', 'shavings', [44.8, 23, 28, 0.5, 0, 3.7, 1.8], 1.07, 0.6, 0.96, 0, 0, 0.1, null, ['slice' => 30], ['milk'], null, [], 'sure', 17.64, 0.3],
        'grated-mozzarella' => ['Mozzarella, firm, grated', 'solid', 'shavings', [49.4, 24, 20, 3, 0, 3.6, 1.5], 1.06, 0.45, 0.95, 0, 0, 0.15, null, [], ['milk'], null, [], 'packet', 12.6, 1.8],
        'paneer' => ['Paneer, diced', 'solid', 'cubes', [52, 19, 24, 3, 0, 2, 0.1], 1.08, 0.62, 0.95, 0, 0, 0, null, [], ['milk'], null, [], 'sure', 15.12, 1.8],
        'processed-cheese' => ['Processed cheese slices', 'solid', 'shavings', [47, 16, 25, 6, 0, 6, 3], 1.08, 0.8, 0.97, 0, 0, 0, null, ['slice' => 20], ['milk'], null, [], 'packet', 15.75, 3.6],
        'ricotta-salata' => ['Ricotta salata, grated', 'solid', 'shavings', [50, 19, 24, 2, 0, 5, 4], 1.1, 0.45, 0.97, 0, 0, 0.2, null, [], ['milk'], null, [], 'sure', 15.12, 1.2],
        'herb-cheese' => ['Soft cheese with garlic and herbs', 'solid', 'plain', [58.5, 6, 30, 3, 0, 2.5, 1.3], 1.02, 0.95, 0.95, 0, 0, 0, null, ['tub' => 150], ['milk'], null, [], 'packet', 18.9, 1.8],
    ];
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food\Pantry;

/** Eggs and their parts, without shell. Written by ./hojaldre generate from core/pantry; sources stand there. */
final readonly class Eggs
{
    /** Columns as in the table, composition in one. */
    public const ROWS = [
        'egg' => ['Egg, without shell', 'egg', 'plain', [76.15, 12.56, 9.51, 0.72, 0, 1.06, 0.36], 1.03, 1.03, 1, 2, 0, 0, 71, ['large' => 50, 'medium' => 44], ['egg'], null, [], 'sure', 3.14, 0.36],
        'egg-yolk' => ['Egg yolk', 'egg', 'plain', [52.3, 15.86, 26.54, 3.59, 0, 1.71, 0.12], 1.03, 1.03, 1, 2.94, 0, 0, 71, ['large' => 17, 'medium' => 15], ['egg'], null, [], 'sure', 8.76, 1.8],
        'egg-white' => ['Egg white', 'egg', 'plain', [87.57, 10.9, 0.17, 0.73, 0, 0.63, 0.42], 1.04, 1.04, 1, 1.52, 0, 0, 71, ['large' => 33, 'medium' => 29], ['egg'], null, [], 'sure', 0, 0.37],
        'duck-egg' => ['Duck egg, without shell', 'egg', 'plain', [70.83, 12.81, 13.77, 1.45, 0, 1.14, 0.37], 1.03, 1.03, 1, 2, 0, 0, 71, ['medium' => 70], ['egg'], null, [], 'sure', 4.54, 0.73],
    ];
}

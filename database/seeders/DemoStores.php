<?php

declare(strict_types=1);

namespace Database\Seeders;

use Hojaldre\Core\Day\Ending;
use Hojaldre\Core\Day\OrderFrom;

/** What the made-up Lock House has in its stores. */
final class DemoStores
{
    /** @var array<string, array<string, string|int>> */
    public const TINS = [
        'Loose-bottomed 24' => ['shape' => 'round-straight', 'diameterMm' => 240, 'depthMm' => 35],
        'Long oblong 35 by 11' => ['shape' => 'rectangular', 'lengthMm' => 350, 'widthMm' => 110, 'flareMm' => 4, 'depthMm' => 25],
        'Deep springform 23' => ['shape' => 'springform', 'diameterMm' => 230, 'depthMm' => 70],
    ];

    /** @var array<string, array{mode: string, runsByKelvins: int, notes: string}> */
    public const OVENS = [
        'Galley fan oven' => ['mode' => 'fan', 'runsByKelvins' => -12, 'notes' => 'Domestic; runs cold, and longer after the door was open.'],
        'Old static oven' => ['mode' => 'static', 'runsByKelvins' => 4, 'notes' => 'Hot back corner: turn the tin half way.'],
    ];

    /** @var array<string, array<string, mixed>> */
    public const FOODS = [
        'own-lock-house-smoked-trout' => ['name' => 'Lock House smoked trout', 'role' => 'solid', 'raw' => 'cooked', 'body' => 'pours', 'fat' => 9.1, 'carbohydrate' => 0.6, 'fibre' => 0, 'protein' => 21.4, 'salt' => 2.3, 'allergens' => ['fish'], 'doughKind' => 'short'],
    ];

    /** @var array<string, int> tins and folded pieces */
    public const SATURDAY = [
        'Chicken, tarragon and leek pasties' => 12, 'Smoked trout and leek quiche' => 2, 'Pumpkin, sage and hazelnut tart' => 2, 'Fennel and blue cheese tart' => 2,
        'Spinach, nutmeg and curd double-crust pie' => 2, 'Beetroot and walnut hand pies' => 12, 'Celeriac and cider deep pie' => 2,
    ];

    /** Minutes of the day: the evening before, and Saturday itself. */
    public const FRIDAY = [-480, -240];

    public const FROM_SATURDAY = [300, 840];

    /** @var list<array{string, int, int, OrderFrom, Ending}> pie, how many, when, from what, how it ends */
    public const HATCH = [
        ['Chicken, tarragon and leek pasties', 12, 570, OrderFrom::Scratch, Ending::Warm], ['Beetroot and walnut hand pies', 12, 570, OrderFrom::Frozen, Ending::Warm],
        ['Fennel and blue cheese tart', 2, 630, OrderFrom::Scratch, Ending::Warm], ['Smoked trout and leek quiche', 2, 675, OrderFrom::Scratch, Ending::Warm],
        ['Pumpkin, sage and hazelnut tart', 2, 690, OrderFrom::Scratch, Ending::Warm], ['Spinach, nutmeg and curd double-crust pie', 2, 720, OrderFrom::Scratch, Ending::Warm],
        ['Celeriac and cider deep pie', 2, 750, OrderFrom::Scratch, Ending::Warm],
    ];

    /** @var array<string, float> */
    public const PRICES_PER_KG = ['leeks' => 3.2, 'egg' => 4.6, 'whole-milk' => 1.15, 'single-cream' => 4.1, 'shortcrust' => 2.4, 'chicken-thigh' => 8.5, 'blue-cheese' => 14.5, 'spinach' => 6.0,
    ];
}

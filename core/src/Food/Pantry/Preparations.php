<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food\Pantry;

/** How water is driven off before the oven, and what it leaves of the trimmed weight. Written by ./hojaldre generate from core/pantry; sources stand there. */
final readonly class Preparations
{
    /** By food: name, how, yield low and high, minutes low and high. */
    public const ROWS = [
        'leeks' => [['sweated and pressed', 'sweat in oil, then press in a sieve', 0.62, 0.75, 5, 10], ['sweated', 'sweat in oil under a lid, then without', 0.65, 0.75, 5, 8]],
        'onions' => [['softened until collapsed', 'catch on high heat, salt, then low until collapsed', 0.5, 0.6, 10, 40], ['slow caramel', 'low heat, stirred now and then, until brown and sticky', 0.3, 0.4, 30, 45]],
        'shallots' => [['softened until collapsed', 'catch on high heat, salt, then low until collapsed', 0.5, 0.6, 10, 40], ['slow caramel', 'low heat, stirred now and then, until brown and sticky', 0.3, 0.4, 30, 45]],
        'spring-onions' => [['wilted', 'soften in butter', 0.75, 0.85, 3, 4]],
        'spinach' => [['blanched and squeezed', 'boil or blanch, squeeze, chop, toss in butter', 0.35, 0.45, 5, 10]],
        'chard' => [['blanched and squeezed', 'boil or blanch, squeeze, chop, toss in butter', 0.35, 0.45, 5, 10]],
        'sorrel' => [['blanched and squeezed', 'boil or blanch, squeeze, chop, toss in butter', 0.35, 0.45, 5, 10]],
        'kale' => [['blanched and fried', 'blanch, drain, sauté', 0.6, 0.75, 5, 8]],
        'savoy-cabbage' => [['blanched and fried', 'blanch, drain, sauté', 0.6, 0.75, 5, 8]],
        'white-cabbage' => [['blanched and fried', 'blanch, drain, sauté', 0.6, 0.75, 5, 8]],
        'mushrooms' => [['chopped fine, high heat', 'chop fine, wide pan, high heat until dry', 0.45, 0.55, 10, 15]],
        'courgettes' => [['fried and steamed dry', 'fry, cover with herbs, then lid off to steam dry and cool', 0.55, 0.7, 30, 60], ['salted and drained', 'slice, salt, 30 min in a colander, press', 0.75, 0.85, 30, 40]],
        'aubergine' => [['fried', 'slice, salt, dry, fry', 0.6, 0.75, 15, 25]],
        'tomatoes' => [['salted and pressed', 'slice 3 to 6 mm, salt, 1 h on a towel, press', 0.75, 0.85, 60, 60], ['slow-roasted', 'halve, 120 °C until leathery', 0.46, 0.6, 90, 150]],
        'red-pepper' => [['charred and skinned', 'char 20 min, skin, drain; steam inside burns', 0.6, 0.7, 20, 30]],
        'asparagus' => [['seared', 'sear on high heat', 0.8, 0.9, 5, 5], ['roasted', 'roast at 200 °C', 0.8, 0.9, 10, 12]],
        'green-beans' => [['blanched', 'blanch, cool in cold water, dry', 0.95, 1, 4, 5]],
        'broccoli' => [['seared', 'sear on high heat', 0.8, 0.9, 5, 5], ['roasted', 'roast at 200 °C', 0.8, 0.9, 10, 12]],
        'cauliflower' => [['seared', 'sear on high heat', 0.8, 0.9, 5, 5], ['roasted', 'roast at 200 °C', 0.8, 0.9, 10, 12]],
        'fennel' => [['fried', 'slice, fry in oil until soft and brown', 0.65, 0.75, 10, 15]],
        'celery' => [['softened', 'sweat in butter', 0.65, 0.75, 10, 15]],
        'celeriac' => [['roasted', 'roast in 2 cm dice until the edges brown', 0.78, 0.86, 25, 40], ['parboiled and drained', 'boil in salted water until just tender, drain, steam dry', 0.95, 1, 8, 15]],
        'carrots' => [['roasted', 'roast in 2 cm dice until the edges brown', 0.78, 0.86, 25, 40], ['parboiled and drained', 'boil in salted water until just tender, drain, steam dry', 0.95, 1, 8, 15]],
        'parsnips' => [['roasted', 'roast in 2 cm dice until the edges brown', 0.78, 0.86, 25, 40], ['parboiled and drained', 'boil in salted water until just tender, drain, steam dry', 0.95, 1, 8, 15]],
        'swede' => [['roasted', 'roast in 2 cm dice until the edges brown', 0.78, 0.86, 25, 40], ['parboiled and drained', 'boil in salted water until just tender, drain, steam dry', 0.95, 1, 8, 15]],
        'turnip' => [['roasted', 'roast in 2 cm dice until the edges brown', 0.78, 0.86, 25, 40], ['parboiled and drained', 'boil in salted water until just tender, drain, steam dry', 0.95, 1, 8, 15]],
        'beetroot' => [['roasted', 'roast in 2 cm dice until the edges brown', 0.78, 0.86, 25, 40], ['parboiled and drained', 'boil in salted water until just tender, drain, steam dry', 0.95, 1, 8, 15]],
        'potatoes' => [['roasted', 'roast in 2 cm dice until the edges brown', 0.78, 0.86, 25, 40], ['parboiled and drained', 'boil in salted water until just tender, drain, steam dry', 0.95, 1, 8, 15]],
        'sweet-potatoes' => [['roasted', 'roast in 2 cm dice until the edges brown', 0.78, 0.86, 25, 40], ['parboiled and drained', 'boil in salted water until just tender, drain, steam dry', 0.95, 1, 8, 15]],
        'pumpkin' => [['roasted', 'roast in wedges, then scrape and drain', 0.65, 0.75, 30, 40]],
        'butternut' => [['roasted', 'roast in 2 cm dice', 0.7, 0.8, 30, 40]],
        'apples' => [['fried', 'slice, fry in butter', 0.7, 0.8, 8, 10]],
        'streaky-bacon' => [['crisp', 'from a cold pan until crisp, lift out with a slotted spoon; hot fat spits', 0.4, 0.55, 8, 10]],
        'back-bacon' => [['fried', 'from a cold pan until the edges brown', 0.55, 0.7, 6, 8]],
        'pancetta' => [['rendered', 'from a cold pan until the fat runs, lift out', 0.55, 0.65, 8, 10]],
        'chorizo' => [['rendered', 'from a cold pan until the fat runs, lift out', 0.86, 0.92, 5, 6]],
        'minced-beef' => [['browned in batches', 'brown in batches; add water only if it sticks', 0.7, 0.75, 8, 10]],
        'minced-lamb' => [['browned in batches', 'brown in batches; add water only if it sticks', 0.7, 0.75, 8, 10]],
        'minced-pork' => [['browned in batches', 'brown in batches; add water only if it sticks', 0.7, 0.75, 8, 10]],
        'minced-turkey' => [['browned in batches', 'brown in batches; add water only if it sticks', 0.7, 0.75, 8, 10]],
        'sausage-meat' => [['browned', 'crumble and brown', 0.78, 0.86, 8, 10]],
        'beef-skirt' => [['seared in batches', 'hot pan, a single layer at a time', 0.78, 0.88, 6, 10]],
        'pork-shoulder' => [['seared in batches', 'hot pan, a single layer at a time', 0.78, 0.88, 6, 10]],
        'lamb-shoulder' => [['seared in batches', 'hot pan, a single layer at a time', 0.78, 0.88, 6, 10]],
        'chicken-thigh' => [['seared in batches', 'hot pan, a single layer at a time', 0.78, 0.88, 6, 10]],
        'chicken-breast' => [['seared in batches', 'hot pan, a single layer at a time', 0.78, 0.88, 6, 10]],
        'smoked-haddock' => [['poached and flaked', 'poach below a simmer, drain, flake', 0.8, 0.88, 6, 10]],
        'salmon' => [['poached and flaked', 'poach below a simmer, drain, flake', 0.8, 0.88, 6, 10]],
        'cod' => [['poached and flaked', 'poach below a simmer, drain, flake', 0.8, 0.88, 6, 10]],
        'hazelnuts' => [['toasted', 'toast at 170 °C until they smell', 0.985, 0.995, 8, 10]],
        'walnuts' => [['toasted', 'toast at 170 °C until they smell', 0.985, 0.995, 8, 10]],
        'almonds' => [['toasted', 'toast at 170 °C until they smell', 0.985, 0.995, 8, 10]],
        'pine-nuts' => [['toasted', 'toast at 170 °C until they smell', 0.985, 0.995, 8, 10]],
    ];
}

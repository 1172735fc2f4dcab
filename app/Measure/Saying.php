<?php

declare(strict_types=1);

namespace App\Measure;

use App\Contract\Schema;

/** A way to say something that is typed, to be shown where words were not understood. */
#[Schema('Saying')]
final readonly class Saying
{
    /** By what is measured; each of them is understood (SayingTest). */
    private const ALL = [
        'mass' => ['200 g', '1 lb 2 oz', '3 medium', 'half a kilo', '2-3', 'about 200 g', 'a handful', '2 heaped tbsp', '1 x 400 g tin, drained', '400 g squeezed', 'down to half'],
        'weight' => ['497 g', '1.2 kg', '1 lb 2 oz', '812'],
        'volume' => ['500 ml', '1.5 l', '2 cups', '1 pint'],
        'length' => ['24 cm', '9 inch', '35 mm'],
        'width' => ['24 cm', '9 inch', '240 mm', '24'],
        'depth' => ['3.5 cm', '35 mm', '1 1/2 inch'],
        'thickness' => ['3 mm', '2-3 mm', 'quarter inch', 'the thickness of a coin'],
        'temperature' => ['180', '180 fan', '375 F', 'gas 6', 'moderate'],
        'time' => ['40', '35 to 40', '1 h 10', 'an hour and a quarter', '15 + 5'],
    ];

    private function __construct(public EntryKind $kind, public string $words)
    {
    }

    /** @return list<self> */
    public static function all(): array
    {
        $all = [];
        foreach (self::ALL as $kind => $sayings) {
            $all = [...$all, ...array_map(static fn (string $words): self => new self(EntryKind::from($kind), $words), $sayings)];
        }

        return $all;
    }
}

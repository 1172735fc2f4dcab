<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast;

use Hojaldre\Core\Bake\BakeDeviation;

/**
 * Kitchens as they may be, drawn from what a forecast cannot know of them. One table of doubts: each is the spread of one standard
 * deviation (judgement; replaced by what a kitchen's own bakes teach).
 */
final readonly class Kitchens
{
    public const DOUBTS = [
        'ovenKelvins' => 6.0, 'heatTransferFactor' => 0.07, 'fromBelowFactor' => 0.12, 'weepFactor' => 0.2, 'uptakeFactor' => 0.2,
        'setKelvins' => 1.0, 'brownFactor' => 0.2, 'startKelvins' => 3.0, 'crustFactor' => 0.1, 'fillingFactor' => 0.05,
    ];

    /** @return list<BakeDeviation> the same for the same seed */
    public static function drawn(int $count, int $seed): array
    {
        $random = new Normal($seed);
        $kitchens = [];
        for ($n = 0; $n < $count; $n++) {
            $by = [];
            foreach (self::DOUBTS as $what => $spread) {
                $by[$what] = (str_ends_with($what, 'Factor') ? 1.0 : 0.0) + $spread * $random->next();
            }
            $kitchens[] = new BakeDeviation(...$by);
        }

        return $kitchens;
    }
}

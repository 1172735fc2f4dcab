<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

use Hojaldre\Core\Refused;

/**
 * A composition from what a packet declares for 100 g. Water is seldom declared: it is the rest to 100, with ash
 * taken as the salt and half a gram of other minerals (common practice, no source).
 */
final readonly class Label
{
    private const OTHER_MINERALS = 0.5;

    /**
     * @param  float  $fat  g per 100 g, as all of these
     * @param  float  $carbohydrate  sugars included, fibre not
     *
     * @throws Refused does-not-sum, when the packet's figures come to more than 100 g
     */
    public static function composition(float $fat, float $carbohydrate, float $fibre, float $protein, float $salt): Composition
    {
        $ash = $salt + self::OTHER_MINERALS;
        $water = 100 - $fat - $carbohydrate - $fibre - $protein - $ash;
        if ($water < -3) {
            throw Refused::because('does-not-sum', '/fat', sprintf('Fat, carbohydrate, fibre, protein and salt come to %s g; 100 g cannot hold more than 100. Read the packet again: the column for 100 g, not for a portion.', json_encode(round(100 - $water, 1))));
        }

        return new Composition(
            water: round(max(0.0, $water), 2), protein: $protein, fat: $fat, carbohydrate: $carbohydrate, fibre: $fibre, ash: round($ash, 2), salt: $salt,
        );
    }

    /** kJ in 100 g of a composition (docs/sources.md#eu-1169-2011, annex XIV): protein 17, fat 37, carbohydrate 17, fibre 8. */
    public static function kilojoules(Composition $food): float
    {
        return 17 * $food->protein + 37 * $food->fat + 17 * $food->carbohydrate + 8 * $food->fibre;
    }
}

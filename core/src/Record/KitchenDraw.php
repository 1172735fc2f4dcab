<?php

declare(strict_types=1);

namespace Hojaldre\Core\Record;

use Hojaldre\Core\Bake\BakeDeviation;
use Hojaldre\Core\Forecast\Normal;

/**
 * Bakes as they may go in one kitchen whose oven is not known: what belongs to the oven is drawn wide, what changes from bake to bake
 * narrow. How much heat an oven hands over at a temperature cannot be told from that temperature by its bakes: it is found as degrees.
 */
final readonly class KitchenDraw
{
    /** Of the oven, one standard deviation: K, and e-folds of heat from below (judgement, as the match of TRUTH has it). */
    public const OVEN_KELVINS = 12.0;

    public const BELOW_FOLDS = 0.35;

    /** From bake to bake of weighed pies (judgement). */
    private const BY_BAKE = [
        'heatTransferFactor' => 0.02, 'weepFactor' => 0.15, 'uptakeFactor' => 0.15, 'setKelvins' => 0.8, 'brownFactor' => 0.1, 'startKelvins' => 2.0, 'crustFactor' => 0.05, 'fillingFactor' => 0.02,
    ];

    /** One bake in an oven that is so far off. */
    public static function one(Normal $draw, float $ovenKelvins, float $fromBelowFactor): BakeDeviation
    {
        $by = [];
        foreach (self::BY_BAKE as $what => $spread) {
            $by[$what] = (str_ends_with($what, 'Factor') ? 1.0 : 0.0) + $spread * $draw->next();
        }

        return new BakeDeviation(...$by, ovenKelvins: $ovenKelvins, fromBelowFactor: $fromBelowFactor);
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Seasoning;

/** Salt that a food keeps from how it was prepared, g. */
final readonly class StepSalt
{
    /** How far the water of a vegetable takes on the salt of the water it is boiled in, until just tender (judgement). */
    private const TAKEN_ON = 0.5;

    /** Rubbed on and drained: it dissolves in all its water and leaves with the part that runs off. */
    public static function rubbedOn(float $saltGrams, float $waterBeforeGrams, float $waterAfterGrams): float
    {
        return $waterBeforeGrams > 0 ? $saltGrams * min(1.0, max(0.0, $waterAfterGrams) / $waterBeforeGrams) : $saltGrams;
    }

    /** Boiled in salted water. @param  float  $gramsPerLitre of the water: 10 tastes seasoned, 0 to 60 */
    public static function boiledIn(float $gramsPerLitre, float $waterAfterGrams): float
    {
        return $gramsPerLitre / 1000 * max(0.0, $waterAfterGrams) * self::TAKEN_ON;
    }
}

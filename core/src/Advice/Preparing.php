<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice;

use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Food\Preparation;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Pie\Step;
use Hojaldre\Core\Refusal\Refused;

/** Works on one solid of a pie before it goes in: another step, or a weight to stop at. */
final readonly class Preparing
{
    /**
     * One more step. What it leaves is estimated from the middle of what kitchens say where they say it, so that the cook has
     * a weight to look for; otherwise the weight stays.
     *
     * @throws Refused no-such-layer
     */
    public static function step(Pie $pie, string $layerId, string $preparation): Pie
    {
        $solid = self::solid($pie, $layerId);
        $known = self::known($solid, $preparation);
        $yield = $known === null ? 1.0 : ($known->yieldLow + $known->yieldHigh) / 2;
        // a yield is told of the bought weight; a later step takes its share of what is left, never above what it weighed
        $after = min($solid->now->grams, max($solid->now->grams * $yield, $solid->bought->grams - $solid->food->losableGrams($solid->bought->grams)));
        $amount = $after < $solid->now->grams - 0.5 ? Amount::of(round($after)) : $solid->now;

        return $pie->withLayer($solid->withSteps([...$solid->steps, new Step($preparation, $amount)]));
    }

    /**
     * Driven so far that only so much will weep in the oven.
     *
     * @throws Refused no-such-layer, weep-out-of-range
     */
    public static function toWeep(Pie $pie, string $layerId, float $weepGrams): Pie
    {
        $solid = self::solid($pie, $layerId);
        $floor = $solid->food->floorYield * $solid->bought->grams;
        $before = count($solid->steps) > 1 ? $solid->steps[count($solid->steps) - 2]->after->grams : $solid->bought->grams;
        if ($weepGrams < 0 || $floor + $weepGrams > $before + 1e-6) {
            throw Refused::because('weep-out-of-range', '/weepGrams', ['mostGrams' => max(0.0, $before - $floor), 'beforeGrams' => $before]);
        }

        return $pie->withLayer($solid->withNow(max($solid->prepSteps()->stopAtGrams($weepGrams, $solid->food->floorYield), $solid->bought->grams - $solid->food->losableGrams($solid->bought->grams))));
    }

    private static function solid(Pie $pie, string $layerId): SolidLayer
    {
        foreach ($pie->solids() as $solid) {
            if ($solid->id === $layerId) {
                return $solid;
            }
        }
        throw Refused::because('no-such-layer', '/layer');
    }

    private static function known(SolidLayer $solid, string $name): ?Preparation
    {
        foreach (Pantry::preparations($solid->food->id) as $one) {
            if ($one->name === $name) {
                return $one;
            }
        }

        return null;
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast;

use Hojaldre\Core\Bake\FillingWater;
use Hojaldre\Core\Bake\WeepPlaces;
use Hojaldre\Core\Pie\CustardLayer;
use Hojaldre\Core\Pie\ScatteredLayer;
use Hojaldre\Core\Pie\SolidLayer;

/**
 * Where the water lies that the layers of a design will let go, in the order in which they go in. Each lies as a heap on the one
 * below it, and the custard runs between them. What lies low enough to touch the crust wets it; a set custard is a dam to what lies higher.
 */
final readonly class WeepOrder
{
    /** So near to the crust it lies on it, mm (judgement). */
    private const LOW_MM = 6.0;

    /** All layers together, in grams. */
    public static function of(Weights $weights): WeepPlaces
    {
        $low = $mid = $top = 0.0;
        foreach (self::byLayer($weights) as $places) {
            $low += $places->lowKg;
            $mid += $places->midKg;
            $top += $places->topKg;
        }

        return new WeepPlaces($low, $mid, $top);
    }

    /** @return array<string, float> by layer id, how much of what may reach the crust comes from it, 0 to 1 */
    public static function reachShares(Weights $weights): array
    {
        $reaches = array_map(static fn (WeepPlaces $one): float => $one->lowKg + FillingWater::COMES_DOWN * $one->midKg, self::byLayer($weights));
        $all = array_sum($reaches);

        return array_map(static fn (float $one): float => $all > 0 ? $one / $all : 0.0, $reaches);
    }

    /** @return array<string, WeepPlaces> by layer id, in grams */
    private static function byLayer(Weights $weights): array
    {
        $places = [];
        $ml = 0.0;
        $isPoured = false;
        $sets = $weights->hasToSet();
        foreach ($weights->pie->layers as $layer) {
            if ($layer instanceof CustardLayer) {
                $isPoured = true;
            } elseif ($layer instanceof ScatteredLayer) {
                $ml += $layer->heapMl();
            } elseif ($layer instanceof SolidLayer) {
                $from = $weights->lined->depthForVolumeMm($ml);
                $ml += $layer->heapMl();
                $to = $weights->lined->depthForVolumeMm($ml);
                $grams = $weights->looseOf($layer);
                $share = min(1.0, max(0.0, self::LOW_MM - $from) / max(1e-9, $to - $from));
                $places[$layer->id] = match (true) {
                    // nothing sets, so that all of it may run down
                    ! $sets => new WeepPlaces($grams),
                    $isPoured => new WeepPlaces(topKg: $grams),
                    default => new WeepPlaces($share * $grams, (1 - $share) * $grams),
                };
            }
        }

        return $places;
    }
}

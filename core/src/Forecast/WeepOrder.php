<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast;

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

    /** Parts in grams. */
    public static function of(Weights $weights): WeepPlaces
    {
        $pie = $weights->pie;
        if (! $weights->hasToSet()) {
            return new WeepPlaces($weights->looseGrams);
        }
        $low = $mid = $top = $ml = 0.0;
        $isPoured = false;
        foreach ($pie->layers as $layer) {
            if ($layer instanceof CustardLayer) {
                $isPoured = true;
            } elseif ($layer instanceof ScatteredLayer) {
                $ml += $layer->heapMl();
            } elseif ($layer instanceof SolidLayer) {
                $from = $weights->lined->depthForVolumeMm($ml);
                $ml += $layer->heapMl();
                $to = $weights->lined->depthForVolumeMm($ml);
                $share = $isPoured ? 0.0 : min(1.0, max(0.0, self::LOW_MM - $from) / max(1e-9, $to - $from));
                $grams = $weights->looseOf($layer);
                $low += $share * $grams;
                $mid += $isPoured ? 0.0 : (1 - $share) * $grams;
                $top += $isPoured ? $grams : 0.0;
            }
        }

        return new WeepPlaces($low, $mid, $top);
    }
}

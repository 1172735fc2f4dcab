<?php

declare(strict_types=1);

namespace App\AtOven;

use App\Kitchen\Kitchen;
use App\Prep\KitchenYield;
use Hojaldre\Core\Pie\Pie;

/** What the layers of a pie weighed as they went in, as far as somebody weighed a pan of its batch. */
final readonly class PreparedWeights
{
    /** @return list<array{layer: string, grams: float}>|null null where nothing was weighed */
    public static function of(Kitchen $kitchen, ?string $batch, Pie $pie): ?array
    {
        if ($batch === null) {
            return null;
        }
        $left = [];
        foreach (KitchenYield::query()->where('kitchen_id', $kitchen->id)->where('batch_id', $batch)->orderBy('act')->get() as $one) {
            $left[$one->food_id][$one->preparation] = $one->after_grams / $one->before_grams;
        }
        $weighed = [];
        foreach ($pie->solids() as $layer) {
            // a pan is weighed after one step: with more of them its weight is not the one that goes in
            $share = count($layer->steps) === 1 ? ($left[$layer->food->id][$layer->steps[0]->preparation] ?? null) : null;
            if ($share !== null) {
                $weighed[] = ['layer' => $layer->id, 'grams' => round($layer->bought->grams * min(1.0, $share), 1)];
            }
        }

        return $weighed === [] ? null : $weighed;
    }
}

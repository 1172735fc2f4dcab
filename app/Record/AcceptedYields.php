<?php

declare(strict_types=1);

namespace App\Record;

use App\Kitchen\Kitchen;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\SolidLayer;

/** Yields of this kitchen that were taken into use: what a step leaves is estimated by them instead of by the house. */
final readonly class AcceptedYields
{
    public static function in(Kitchen $kitchen, Pie $before, Pie $prepared): Pie
    {
        $was = [];
        foreach ($before->layers as $layer) {
            $was[$layer->id()] = $layer;
        }
        foreach ($prepared->layers as $layer) {
            $step = $layer instanceof SolidLayer ? ($layer->steps[count($layer->steps) - 1] ?? null) : null;
            if (! $layer instanceof SolidLayer || $step === null || count($layer->steps) !== 1 || $layer == ($was[$layer->id()] ?? null)) {
                continue;
            }
            $lesson = KitchenLesson::query()->where('kitchen_id', $kitchen->id)->where('thing', "yield:{$layer->food->id}|$step->preparation")->where('state', LessonState::Accepted->value)->first();
            $prepared = $lesson === null ? $prepared : $prepared->withLayer($layer->withNow($layer->bought->grams * $lesson->value / 100));
        }

        return $prepared;
    }
}

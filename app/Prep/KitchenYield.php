<?php

declare(strict_types=1);

namespace App\Prep;

use App\Batch\StoredBatch;
use App\Kitchen\Kitchen;
use Hojaldre\Core\Batch\Prep\PrepAct;
use Illuminate\Database\Eloquent\Model;

/**
 * What was left of a food in this kitchen once: evidence, used when the kitchen learns from it.
 *
 * @property string $food_id
 * @property string $preparation
 * @property float $before_grams
 * @property float $after_grams
 */
final class KitchenYield extends Model
{
    protected $table = 'kitchen_yields';

    public $timestamps = false;

    public $incrementing = false;

    protected $casts = ['before_grams' => 'float', 'after_grams' => 'float'];

    /** Of the last pan, for each pan takes as much: the weight on the scale less the tare, against what went in. */
    public static function put(StoredBatch $batch, PrepAct $act, MarkWish $mark, string $by): void
    {
        $after = ($mark->readsGrams ?? 0.0) - ($mark->tareGrams ?? 0.0);
        $before = $act->beforeGrams / $act->goes;
        // a scale that was not tared, or another pan on it, says nothing of the food; nor does one weight of several foods
        if ($act->food === '' || $after <= 0 || $after > 1.05 * $before) {
            return;
        }
        $values = ['food_id' => $act->food, 'preparation' => $act->preparation, 'before_grams' => round($before, 1), 'after_grams' => round($after, 1), 'weighed_by' => $by, 'weighed_at' => now()];
        self::query()->upsert([['kitchen_id' => $batch->kitchen_id, 'batch_id' => $batch->id, 'act' => $act->id, ...$values]], ['kitchen_id', 'batch_id', 'act'], array_keys($values));
    }

    public static function drop(StoredBatch $batch, string $act): void
    {
        self::query()->where('kitchen_id', $batch->kitchen_id)->where('batch_id', $batch->id)->where('act', $act)->delete();
    }

    /** @return array<string, array{share: float, weighings: int}> by "food preparation": what was left here, on the average of the weighed */
    public static function shares(Kitchen $kitchen): array
    {
        $by = [];
        foreach (self::query()->where('kitchen_id', $kitchen->id)->get() as $one) {
            $key = "$one->food_id $one->preparation";
            $by[$key] = ['before' => ($by[$key]['before'] ?? 0.0) + $one->before_grams, 'after' => ($by[$key]['after'] ?? 0.0) + $one->after_grams, 'weighings' => ($by[$key]['weighings'] ?? 0) + 1];
        }

        return array_map(static fn (array $one): array => ['share' => $one['after'] / $one['before'], 'weighings' => $one['weighings']], $by);
    }
}

<?php

declare(strict_types=1);

namespace App\Prep;

use App\Batch\StoredBatch;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * How far one act of a batch is: the last that was said of it, by whom.
 *
 * @property string $act
 * @property int $goes_done
 * @property bool $is_done
 * @property float|null $tare_grams
 * @property float|null $reads_grams
 * @property string $marked_by
 * @property Carbon $marked_at
 */
final class PrepMark extends Model
{
    protected $table = 'prep_marks';

    public $timestamps = false;

    public $incrementing = false;

    protected $casts = ['goes_done' => 'integer', 'is_done' => 'boolean', 'tare_grams' => 'float', 'reads_grams' => 'float', 'marked_at' => 'immutable_datetime'];

    /** @return list<self> */
    public static function of(StoredBatch $batch): array
    {
        return array_values(self::query()->where('kitchen_id', $batch->kitchen_id)->where('batch_id', $batch->id)->orderBy('act')->get()->all());
    }

    /** Its key is kitchen, batch and act together, which Eloquent cannot update by; an upsert can. */
    public static function put(StoredBatch $batch, MarkWish $mark, string $by): void
    {
        $values = ['goes_done' => $mark->goesDone, 'is_done' => $mark->isDone, 'tare_grams' => $mark->tareGrams, 'reads_grams' => $mark->readsGrams, 'marked_by' => $by, 'marked_at' => now()];
        self::query()->upsert([['kitchen_id' => $batch->kitchen_id, 'batch_id' => $batch->id, 'act' => $mark->act, ...$values]], ['kitchen_id', 'batch_id', 'act'], array_keys($values));
    }
}

<?php

declare(strict_types=1);

namespace App\Record;

use App\Kitchen\Kitchen;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * What a kitchen decided about something that its bakes teach: taken, with what was in use before, or refused.
 *
 * @property string $kitchen_id
 * @property string $thing
 * @property string $state
 * @property float $value
 * @property float $was
 * @property string $decided_by
 * @property Carbon $decided_at
 */
final class KitchenLesson extends Model
{
    protected $table = 'lessons';

    public $timestamps = false;

    public $incrementing = false;

    protected $casts = ['value' => 'float', 'was' => 'float', 'decided_at' => 'immutable_datetime'];

    /** @return array<string, self> by thing */
    public static function of(Kitchen $kitchen): array
    {
        $by = [];
        foreach (self::query()->where('kitchen_id', $kitchen->id)->get() as $one) {
            $by[$one->thing] = $one;
        }

        return $by;
    }

    /** @return array<string, Carbon> when each thing of one kind was accepted, by what it is of: "pace:line" by "line" */
    public static function acceptedAt(Kitchen $kitchen, string $kind): array
    {
        $at = [];
        foreach (self::of($kitchen) as $thing => $one) {
            if ($one->state === LessonState::Accepted->value && str_starts_with($thing, "$kind:")) {
                $at[substr($thing, strlen($kind) + 1)] = $one->decided_at;
            }
        }

        return $at;
    }

    /** Its key is kitchen and thing together, which Eloquent cannot update by; an upsert can. */
    public static function put(Kitchen $kitchen, string $thing, LessonState $state, float $value, float $was, string $by): void
    {
        $values = ['state' => $state->value, 'value' => round($value, 4), 'was' => round($was, 4), 'decided_by' => $by, 'decided_at' => now()];
        self::query()->upsert([['kitchen_id' => $kitchen->id, 'thing' => $thing, ...$values]], ['kitchen_id', 'thing'], array_keys($values));
    }

    public static function drop(Kitchen $kitchen, string $thing): void
    {
        self::query()->where('kitchen_id', $kitchen->id)->where('thing', $thing)->delete();
    }
}

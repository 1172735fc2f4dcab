<?php

declare(strict_types=1);

namespace App\Day;

use App\Kitchen\Kitchen;
use App\Record\KitchenLesson;
use Hojaldre\Core\Day\OwnMinutes;
use Hojaldre\Core\Day\Plan\Mark;
use Hojaldre\Core\Day\Task\TaskKind;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * When a task of a day was begun and done, by whom. What was done is evidence of the minutes that this kitchen takes.
 *
 * @property string $task
 * @property string $kind
 * @property int $start_minute
 * @property int|null $end_minute
 * @property int $planned_minutes
 * @property string $marked_by
 * @property Carbon $marked_at
 */
final class DayMark extends Model
{
    /** So many of the newest say how fast a kitchen is (judgement). */
    private const NEWEST = 400;

    protected $table = 'day_marks';

    public $timestamps = false;

    public $incrementing = false;

    protected $casts = ['start_minute' => 'integer', 'end_minute' => 'integer', 'planned_minutes' => 'integer', 'marked_at' => 'immutable_datetime'];

    /** @return list<self> */
    public static function of(StoredDay $day): array
    {
        return array_values(self::query()->where('kitchen_id', $day->kitchen_id)->where('day_id', $day->id)->orderBy('start_minute')->orderBy('task')->get()->all());
    }

    /** @return list<Mark> */
    public static function marks(StoredDay $day): array
    {
        return array_map(static fn (self $one): Mark => new Mark($one->task, $one->start_minute, $one->end_minute), self::of($day));
    }

    /** Its key is kitchen, day and task together, which Eloquent cannot update by; an upsert can. */
    public static function put(StoredDay $day, DayMarkWish $mark, string $by): void
    {
        $rows = self::query()->where('kitchen_id', $day->kitchen_id)->where('day_id', $day->id)->where('task', $mark->task);
        if ($mark->startMinute === null) {
            $rows->delete();

            return;
        }
        $values = ['kind' => $mark->kind->value, 'start_minute' => $mark->startMinute, 'end_minute' => $mark->endMinute, 'planned_minutes' => $mark->plannedMinutes, 'marked_by' => $by, 'marked_at' => now()];
        self::query()->upsert([['kitchen_id' => $day->kitchen_id, 'day_id' => $day->id, 'task' => $mark->task, ...$values]], ['kitchen_id', 'day_id', 'task'], array_keys($values));
    }

    /** As it was when the cooks accepted it; kinds that nobody accepted take their usual minutes. */
    public static function ownMinutes(Kitchen $kitchen): OwnMinutes
    {
        $until = KitchenLesson::acceptedAt($kitchen, 'pace');

        return OwnMinutes::from(self::logged($kitchen, static fn (self $one): bool => isset($until[$one->kind]) && $one->marked_at <= $until[$one->kind]));
    }

    /** @return array<string, non-empty-list<float>> minutes taken to minutes planned, by kind */
    public static function ratios(Kitchen $kitchen): array
    {
        return OwnMinutes::ratios(self::logged($kitchen, static fn (): bool => true));
    }

    /**
     * @param  callable(self): bool  $counts
     * @return list<array{kind: TaskKind, plannedMinutes: float, tookMinutes: float}>
     */
    private static function logged(Kitchen $kitchen, callable $counts): array
    {
        $rows = self::query()->where('kitchen_id', $kitchen->id)->whereNotNull('end_minute')->orderByDesc('marked_at')->get()->filter($counts)->take(self::NEWEST);

        return array_values($rows->map(static fn (self $one): array => [
            'kind' => TaskKind::from($one->kind), 'plannedMinutes' => (float) $one->planned_minutes, 'tookMinutes' => (float) ($one->end_minute - $one->start_minute),
        ])->all());
    }
}

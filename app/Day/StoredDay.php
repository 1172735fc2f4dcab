<?php

declare(strict_types=1);

namespace App\Day;

use App\Kitchen\Kitchen;
use App\Kitchen\OfKitchen;
use App\Kitchen\User;
use App\Problem\Problem;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/**
 * A day of a kitchen; what it holds stands in its revisions.
 *
 * @property string $id
 * @property string $kitchen_id
 * @property string $name
 * @property Carbon $date
 * @property string|null $batch_id
 * @property int $revision
 * @property string $saved_by
 * @property string|null $calendar_hash
 * @property Carbon|null $archived_at
 * @property Carbon $updated_at
 */
final class StoredDay extends Model
{
    use HasUuids;
    use OfKitchen;

    protected $table = 'days';

    protected $fillable = ['kitchen_id', 'name', 'date', 'batch_id', 'revision', 'saved_by', 'calendar_hash', 'archived_at'];

    protected $casts = ['date' => 'immutable_date', 'revision' => 'integer', 'archived_at' => 'immutable_datetime'];

    /** @return Builder<self> */
    public static function of(Kitchen $kitchen): Builder
    {
        return self::query()->where('kitchen_id', $kitchen->id);
    }

    public static function inKitchen(Kitchen $kitchen, string $id): self
    {
        return self::of($kitchen)->find($id) ?? throw Problem::notFound('There is no such day in this kitchen. Open another one, or begin a new one.');
    }

    public static function putDown(Kitchen $kitchen, User $by, DayToSave $put): self
    {
        $row = self::query()->create(['kitchen_id' => $kitchen->id, 'name' => $put->day->name, 'date' => $put->day->date, 'batch_id' => $put->batch, 'revision' => 1, 'saved_by' => $by->name]);
        DayRevision::add($row, $put, $by);

        return $row;
    }

    /**
     * Adds a revision to the one it was based on.
     *
     * @throws Problem clash, when another was saved meanwhile; nothing is overwritten
     */
    public function saveOn(User $by, DayToSave $put): self
    {
        $now = self::query()->where('kitchen_id', $this->kitchen_id)->lockForUpdate()->findOrFail($this->id);
        if ($now->revision !== $put->basedOn) {
            throw Problem::dayClash($now->saved_by);
        }
        $now->fill(['name' => $put->day->name, 'date' => $put->day->date, 'batch_id' => $put->batch, 'revision' => $put->basedOn + 1, 'saved_by' => $by->name])->save();
        DayRevision::add($now, $put, $by);

        return $now;
    }

    public function newest(): DayRevision
    {
        return $this->revisions()->where('number', $this->revision)->firstOrFail();
    }

    /** @return Builder<DayRevision> */
    public function revisions(): Builder
    {
        return DayRevision::query()->where('kitchen_id', $this->kitchen_id)->where('day_id', $this->id);
    }

    /** A new secret for calendars; only its hash is kept. */
    public function openCalendar(): string
    {
        $secret = Str::random(40);
        $this->fill(['calendar_hash' => hash('sha256', $secret)])->save();

        return $secret;
    }

    public static function ofCalendar(string $secret): self
    {
        return self::query()->where('calendar_hash', hash('sha256', $secret))->whereNull('archived_at')->first() ?? throw Problem::notFound('This calendar was closed. Ask for a new address.');
    }
}

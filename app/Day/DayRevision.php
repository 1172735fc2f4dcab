<?php

declare(strict_types=1);

namespace App\Day;

use App\Kitchen\User;
use Hojaldre\Core\Day\Day;
use Hojaldre\Core\Day\Pin;
use Hojaldre\Core\Document\DocumentReader;
use Hojaldre\Core\Document\DocumentWriter;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One saved state of a day, with the times that people were told; written once, never changed (the database refuses it too).
 *
 * @property int $number
 * @property array<array-key, mixed> $day
 * @property array<string, int> $told  minute by task
 * @property string $saved_by
 * @property Carbon $saved_at
 */
final class DayRevision extends Model
{
    protected $table = 'day_revisions';

    public $timestamps = false;

    public $incrementing = false;

    protected $fillable = ['kitchen_id', 'day_id', 'number', 'day', 'told', 'saved_by', 'saved_at'];

    protected $casts = ['day' => 'array', 'told' => 'array', 'number' => 'integer', 'saved_at' => 'datetime'];

    public static function add(StoredDay $row, DayToSave $put, User $by): void
    {
        self::query()->create([
            'kitchen_id' => $row->kitchen_id, 'day_id' => $row->id, 'number' => $row->revision, 'day' => DocumentWriter::write($put->day),
            'told' => array_column(array_map(static fn (Pin $one): array => [$one->task, $one->startMinute], $put->told), 1, 0), 'saved_by' => $by->name, 'saved_at' => now(),
        ]);
    }

    public function document(): Day
    {
        return DocumentReader::read(Day::class, $this->day);
    }
}

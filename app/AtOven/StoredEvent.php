<?php

declare(strict_types=1);

namespace App\AtOven;

use Hojaldre\Core\AtOven\LegName;
use Hojaldre\Core\AtOven\LogEvent;
use Hojaldre\Core\AtOven\LogKind;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * What was pressed at the oven; the database refuses to change it.
 *
 * @property string $bake_id
 * @property string $id
 * @property LogKind $kind
 * @property LegName $leg
 * @property string $what
 * @property string $answer
 * @property float|null $value
 * @property Carbon $at
 * @property string $pressed_by
 */
final class StoredEvent extends Model
{
    protected $table = 'bake_events';

    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $dateFormat = 'Y-m-d H:i:s.vP';

    protected $casts = ['kind' => LogKind::class, 'leg' => LegName::class, 'value' => 'float', 'at' => 'immutable_datetime'];

    /**
     * @param  list<string>  $bakes  ids
     * @return array<string, list<self>> by bake, in the order in which they came
     */
    public static function of(string $kitchen, array $bakes): array
    {
        $by = array_fill_keys($bakes, []);
        foreach (self::query()->where('kitchen_id', $kitchen)->whereIn('bake_id', $bakes)->orderBy('number')->get() as $one) {
            $by[$one->bake_id][] = $one;
        }

        return $by;
    }

    public function event(): LogEvent
    {
        return new LogEvent($this->id, $this->kind, $this->leg, $this->what, $this->answer, $this->value, $this->at->getTimestampMs() / 1000, $this->pressed_by);
    }
}

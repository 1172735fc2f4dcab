<?php

declare(strict_types=1);

namespace App\People;

use App\Kitchen\Kitchen;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One thing that somebody did in a kitchen; written once, never changed (the database refuses it too).
 *
 * @property int $id
 * @property Carbon $done_at
 * @property string $done_by the name they had then
 * @property Deed $deed
 * @property string $what the name of what it was done to, as it was then
 * @property string $more a revision, a role, a price; empty where there is nothing more
 */
final class KitchenAct extends Model
{
    protected $table = 'kitchen_acts';

    public $timestamps = false;

    protected $fillable = ['kitchen_id', 'done_at', 'done_by', 'deed', 'what', 'more'];

    protected $casts = ['deed' => Deed::class, 'done_at' => 'datetime'];

    public static function note(Kitchen $kitchen, string $by, Deed $deed, string $what = '', string $more = ''): void
    {
        self::query()->create([
            'kitchen_id' => $kitchen->id, 'done_at' => now(), 'done_by' => $by, 'deed' => $deed,
            'what' => mb_substr($what, 0, 160), 'more' => mb_substr($more, 0, 80),
        ]);
    }
}

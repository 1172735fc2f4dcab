<?php

declare(strict_types=1);

namespace App\Record;

use App\Kitchen\OfKitchen;
use Hojaldre\Core\Refusal\Refused;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * How one taster put the pies of a trial in order.
 *
 * @property string $id
 * @property string $kitchen_id
 * @property string $trial_id
 * @property string $taster
 * @property list<int> $best_first
 * @property Carbon $tasted_at
 */
final class StoredTasting extends Model
{
    use HasUuids;
    use OfKitchen;

    /** Of one trial (definition). */
    private const MOST = 200;

    protected $table = 'tastings';

    public $timestamps = false;

    protected $fillable = ['id', 'kitchen_id', 'trial_id', 'taster', 'best_first', 'tasted_at'];

    protected $casts = ['best_first' => 'array', 'tasted_at' => 'immutable_datetime'];

    /** @return list<self> */
    public static function of(StoredTrial $trial): array
    {
        return array_values(self::query()->where('kitchen_id', $trial->kitchen_id)->where('trial_id', $trial->id)->orderBy('tasted_at')->orderBy('id')->get()->all());
    }

    public static function put(StoredTrial $trial, TastingWish $wish): void
    {
        $pies = count($trial->trialPies());
        if (count($wish->order()) !== $pies) {
            throw Refused::because('rank-all', '/bestFirst', ['pies' => $pies]);
        }
        if (count(self::of($trial)) >= self::MOST) {
            throw Refused::because('tastings-full', '', ['most' => self::MOST]);
        }
        self::query()->create(['kitchen_id' => $trial->kitchen_id, 'trial_id' => $trial->id, 'taster' => $wish->taster, 'best_first' => $wish->order(), 'tasted_at' => now()]);
    }

    public static function drop(StoredTrial $trial, string $id): void
    {
        self::query()->where('kitchen_id', $trial->kitchen_id)->where('trial_id', $trial->id)->where('id', $id)->delete();
    }
}

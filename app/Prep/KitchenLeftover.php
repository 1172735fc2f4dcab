<?php

declare(strict_types=1);

namespace App\Prep;

use App\AtOven\StoredBake;
use App\Kitchen\Kitchen;
use App\Kitchen\OfKitchen;
use App\Problem\Problem;
use App\Record\KeepingOfBake;
use Carbon\CarbonInterface;
use Hojaldre\Core\Refusal\Refused;
use Hojaldre\Core\Safety\Kept;
use Hojaldre\Core\Safety\KeptIn;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Something that is left over, in the fridge or frozen.
 *
 * @property string $id
 * @property string $kitchen_id
 * @property Kept $kept
 * @property KeptIn $place
 * @property string $name
 * @property float|null $grams
 * @property int|null $pieces
 * @property string|null $food_id
 * @property Carbon $put_on
 * @property Carbon $use_by
 * @property string $put_by
 * @property string|null $gone
 * @property string|null $bake_id that it comes from
 */
final class KitchenLeftover extends Model
{
    use HasUuids;
    use OfKitchen;

    protected $table = 'kitchen_leftovers';

    protected $fillable = ['kitchen_id', 'kept', 'place', 'name', 'grams', 'pieces', 'food_id', 'put_on', 'use_by', 'put_by', 'gone', 'bake_id'];

    protected $casts = ['kept' => Kept::class, 'place' => KeptIn::class, 'grams' => 'float', 'pieces' => 'integer', 'put_on' => 'immutable_date', 'use_by' => 'immutable_date'];

    /** @return list<self> what is there, what must be used first at the top */
    public static function of(Kitchen $kitchen): array
    {
        return array_values(self::query()->where('kitchen_id', $kitchen->id)->whereNull('gone')->orderBy('use_by')->orderBy('name')->get()->all());
    }

    /** @return list<self> what is there of one bake */
    public static function ofBake(string $kitchen, string $bake): array
    {
        return array_values(self::query()->where('kitchen_id', $kitchen)->where('bake_id', $bake)->whereNull('gone')->orderBy('use_by')->orderBy('id')->get()->all());
    }

    public static function inKitchen(Kitchen $kitchen, string $id): self
    {
        return self::query()->where('kitchen_id', $kitchen->id)->find($id) ?? throw Problem::notFound('It is not in the list any more.');
    }

    public static function put(Kitchen $kitchen, LeftoverWish $wish, string $by): self
    {
        $days = $wish->kept->days($wish->place) ?? throw Refused::because('not-frozen', '/place');

        return self::query()->create([
            'kitchen_id' => $kitchen->id, 'kept' => $wish->kept, 'place' => $wish->place, 'name' => $wish->name, 'grams' => $wish->grams, 'pieces' => $wish->pieces, 'food_id' => $wish->food, 'bake_id' => $wish->bake,
            'put_on' => now()->startOfDay(), 'use_by' => self::from($kitchen, $wish)->addDays($days), 'put_by' => $by,
        ]);
    }

    /** Its days count from the bake, where it is known; else from today. What lay longer than a fridge keeps it is kept no more. */
    private static function from(Kitchen $kitchen, LeftoverWish $wish): CarbonInterface
    {
        if ($wish->bake === null) {
            return now()->startOfDay();
        }
        $bake = StoredBake::inKitchen($kitchen, $wish->bake);
        $out = $bake->out_at?->startOfDay() ?? throw Refused::because('not-out-yet', '/bake');
        KeepingOfBake::check($bake, $wish->cooledInPortions);
        if ($out->addDays((int) Kept::BakedPies->days(KeptIn::Fridge))->isBefore(now()->startOfDay())) {
            throw Refused::because('too-old-to-keep', '/bake', ['days' => (int) Kept::BakedPies->days(KeptIn::Fridge)]);
        }

        return $out;
    }
}

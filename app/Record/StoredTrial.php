<?php

declare(strict_types=1);

namespace App\Record;

use App\AtOven\StoredBake;
use App\Kitchen\Kitchen;
use App\Kitchen\OfKitchen;
use App\Problem\Problem;
use Hojaldre\Core\Document\DocumentReader;
use Hojaldre\Core\Refusal\Refused;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Pies that were baked to try one change.
 *
 * @property string $id
 * @property string $kitchen_id
 * @property string $name
 * @property array<array-key, mixed> $pies
 * @property string $begun_by
 * @property Carbon $begun_at
 */
final class StoredTrial extends Model
{
    use HasUuids;
    use OfKitchen;

    protected $table = 'trials';

    public $timestamps = false;

    protected $fillable = ['id', 'kitchen_id', 'name', 'pies', 'begun_by', 'begun_at'];

    protected $casts = ['pies' => 'array', 'begun_at' => 'immutable_datetime'];

    /** @return list<self> the newest first */
    public static function of(Kitchen $kitchen): array
    {
        return array_values(self::query()->where('kitchen_id', $kitchen->id)->orderByDesc('begun_at')->orderBy('id')->limit(100)->get()->all());
    }

    public static function inKitchen(Kitchen $kitchen, string $id): self
    {
        return self::query()->where('kitchen_id', $kitchen->id)->find($id) ?? throw Problem::notFound('There is no such trial in this kitchen.');
    }

    public static function begin(Kitchen $kitchen, TrialWish $wish, string $by): self
    {
        foreach ($wish->pies as $index => $pie) {
            if ($pie->bake !== null && StoredBake::of($kitchen)->find($pie->bake) === null) {
                throw Refused::because('no-such-bake', "/pies/$index/bake");
            }
        }

        return self::query()->create(['kitchen_id' => $kitchen->id, 'name' => $wish->name, 'pies' => array_map(static fn (TrialPie $one): array => ['name' => $one->name, 'bake' => $one->bake], $wish->pies), 'begun_by' => $by, 'begun_at' => now()]);
    }

    /** @return list<TrialPie> */
    public function trialPies(): array
    {
        return array_values(array_map(static fn (mixed $one): TrialPie => DocumentReader::read(TrialPie::class, $one), $this->pies));
    }
}

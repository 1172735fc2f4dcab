<?php

declare(strict_types=1);

namespace App\Tin;

use App\Kitchen\Kitchen;
use App\Wording\TinWords;
use App\Wording\Words;
use Hojaldre\Core\Document\DocumentReader;
use Hojaldre\Core\Tin\Tin;
use Illuminate\Database\Eloquent\Model;

/**
 * A tin on the shelf, measured once.
 *
 * @property string $id
 * @property string $name
 * @property array<array-key, mixed> $tin
 */
final class KitchenTin extends Model
{
    protected $table = 'kitchen_tins';

    public $incrementing = false;

    protected $keyType = 'string';

    protected $casts = ['tin' => 'array'];

    public function described(Words $words): StoredTin
    {
        $tin = DocumentReader::read(Tin::class, $this->tin);

        return new StoredTin($this->id, $this->name, $tin, $words->say(TinWords::label($tin)), round($tin->volumeMl($tin->depthMm())));
    }

    /**
     * Its key is kitchen and id together, which Eloquent cannot update by; an upsert can.
     *
     * @param  array<string, mixed>  $values
     */
    public static function put(Kitchen $kitchen, string $id, array $values): void
    {
        self::query()->upsert([['kitchen_id' => $kitchen->id, 'id' => $id, ...$values]], ['kitchen_id', 'id'], array_keys($values));
    }
}

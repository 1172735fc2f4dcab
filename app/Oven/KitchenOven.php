<?php

declare(strict_types=1);

namespace App\Oven;

use App\Kitchen\Kitchen;
use Hojaldre\Core\Oven\OvenMode;
use Illuminate\Database\Eloquent\Model;

/**
 * An oven and how it lies: what it really is, less what its dial says.
 *
 * @property string $id
 * @property string $name
 * @property OvenMode $mode
 * @property float $runs_by_kelvins
 * @property float $below_factor
 * @property string $notes
 */
final class KitchenOven extends Model
{
    protected $table = 'kitchen_ovens';

    public $incrementing = false;

    protected $keyType = 'string';

    protected $casts = ['runs_by_kelvins' => 'float', 'below_factor' => 'float', 'mode' => OvenMode::class];

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

<?php

declare(strict_types=1);

namespace App\Pastry;

use App\Kitchen\Kitchen;
use Hojaldre\Core\Document\DocumentReader;
use Hojaldre\Core\Document\DocumentWriter;
use Hojaldre\Core\Pastry\Dough\Formula;
use Hojaldre\Core\Pastry\Dough\HouseDoughs;
use Illuminate\Database\Eloquent\Model;

/**
 * A formula of the kitchen's own for one dough, in the place of what cooks commonly make.
 *
 * @property string $id of the food that it makes
 * @property array<array-key, mixed> $formula
 */
final class KitchenDough extends Model
{
    protected $table = 'kitchen_doughs';

    public $incrementing = false;

    protected $keyType = 'string';

    protected $casts = ['formula' => 'array'];

    /** @return array<string, Formula> by dough, of the kitchen's own */
    public static function ownOf(Kitchen $kitchen): array
    {
        return self::query()->where('kitchen_id', $kitchen->id)->get()
            ->mapWithKeys(static fn (self $one): array => [$one->id => DocumentReader::read(Formula::class, $one->formula)])->all();
    }

    /** @return array<string, Formula> by dough: the kitchen's own, else the usual one */
    public static function formulasOf(Kitchen $kitchen): array
    {
        $formulas = self::ownOf($kitchen);
        foreach (HouseDoughs::ids() as $id) {
            $usual = HouseDoughs::of($id);
            if ($usual !== null) {
                $formulas[$id] ??= $usual;
            }
        }

        return $formulas;
    }

    /** Its key is kitchen and id together, which Eloquent cannot update by; an upsert can. */
    public static function put(Kitchen $kitchen, Formula $formula): void
    {
        self::query()->upsert([['kitchen_id' => $kitchen->id, 'id' => $formula->id, 'formula' => json_encode(DocumentWriter::write($formula), JSON_THROW_ON_ERROR)]], ['kitchen_id', 'id'], ['formula']);
    }
}

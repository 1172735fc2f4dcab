<?php

declare(strict_types=1);

namespace App\Food;

use App\Kitchen\Kitchen;
use Hojaldre\Core\Document\DocumentReader;
use Hojaldre\Core\Document\DocumentWriter;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\Pantry;
use Illuminate\Database\Eloquent\Model;

/**
 * What a kitchen keeps about a food: one of its own, or only what it pays for a food of the standard pantry.
 *
 * @property string $kitchen_id
 * @property string $id
 * @property array<array-key, mixed>|null $food
 * @property float|null $price_per_kg
 * @property float|null $stock_grams as it is bought
 */
final class KitchenFood extends Model
{
    protected $table = 'kitchen_foods';

    public $incrementing = false;

    protected $keyType = 'string';

    protected $casts = ['food' => 'array', 'price_per_kg' => 'float', 'stock_grams' => 'float'];

    /** @return array<string, float> by food id, of those that have a price */
    public static function pricesPerKg(Kitchen $kitchen): array
    {
        return array_filter(array_map(static fn (self $one): ?float => $one->price_per_kg, self::of($kitchen)), static fn (?float $price): bool => $price !== null);
    }

    /** @return array<string, float> by food id, of those that are counted */
    public static function stockGrams(Kitchen $kitchen): array
    {
        return array_filter(array_map(static fn (self $one): ?float => $one->stock_grams, self::of($kitchen)), static fn (?float $stock): bool => $stock !== null);
    }

    /** @return list<Food> the foods of the kitchen's own */
    public static function ownOf(Kitchen $kitchen): array
    {
        return array_values(array_filter(array_map(static fn (self $one): ?Food => $one->asFood(), self::of($kitchen))));
    }

    public static function putFood(Kitchen $kitchen, Food $food): void
    {
        self::put($kitchen, $food->id, ['food' => json_encode(DocumentWriter::write($food), JSON_THROW_ON_ERROR)]);
    }

    /** @return array<string, self> by food id */
    public static function of(Kitchen $kitchen): array
    {
        return self::query()->where('kitchen_id', $kitchen->id)->get()->keyBy(static fn (self $one): string => $one->id)->all();
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

    /** A food of the kitchen's own by its id, else one of the pantry, else null. */
    public static function named(Kitchen $kitchen, string $id): ?Food
    {
        return self::query()->where('kitchen_id', $kitchen->id)->where('id', $id)->first()?->asFood() ?? (Pantry::family($id) === null ? null : Pantry::food($id));
    }

    /** What people call it. */
    public static function nameOf(Kitchen $kitchen, string $id): string
    {
        return self::named($kitchen, $id)->name ?? $id;
    }

    public function asFood(): ?Food
    {
        return $this->food === null ? null : DocumentReader::read(Food::class, $this->food);
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

use Hojaldre\Core\Food\Pantry\Borrowed;
use Hojaldre\Core\Food\Pantry\Cheeses;
use Hojaldre\Core\Food\Pantry\Dairy;
use Hojaldre\Core\Food\Pantry\DryGoods;
use Hojaldre\Core\Food\Pantry\Eggs;
use Hojaldre\Core\Food\Pantry\Fruit;
use Hojaldre\Core\Food\Pantry\Likes;
use Hojaldre\Core\Food\Pantry\Liquids;
use Hojaldre\Core\Food\Pantry\MeatAndFish;
use Hojaldre\Core\Food\Pantry\Names;
use Hojaldre\Core\Food\Pantry\Preparations;
use Hojaldre\Core\Food\Pantry\Vegetables;
use InvalidArgumentException;

/** The foods every kitchen starts with, by id. */
final readonly class Pantry
{
    private const TABLES = Eggs::ROWS + Dairy::ROWS + Liquids::ROWS + Cheeses::ROWS + MeatAndFish::ROWS + Vegetables::ROWS + Fruit::ROWS + DryGoods::ROWS + Borrowed::ROWS;

    public static function food(string $id): Food
    {
        $row = self::TABLES[$id] ?? throw new InvalidArgumentException("There is no food \"$id\" in the standard pantry.");
        [$name, $role, $texture, $composition, $true, $bulk, $floor, $eggs, $liquid, $binds, $safe, $pieces, $allergens, $doughKind, $names, $known, $saturates, $sugars] = $row;

        return new Food(
            id: $id,
            name: $name,
            role: Role::from($role),
            texture: Texture::from($texture),
            per100g: new Composition(...$composition),
            gramsPerMl: $true,
            bulkGramsPerMl: $bulk,
            floorYield: $floor,
            eggsPer100g: $eggs,
            liquidShare: $liquid,
            bindsGramsPerGram: $binds,
            safeCelsius: $safe,
            pieces: $pieces,
            allergens: array_map(Allergen::from(...), array_values($allergens)),
            doughKind: $doughKind === null ? null : DoughKind::from($doughKind),
            allergenNames: array_map(AllergenName::from(...), array_values($names)),
            allergensKnown: AllergensKnown::from($known),
            saturates: $saturates,
            sugars: $sugars,
        );
    }

    /**
     * A food with what is known of it now: one of the pantry that a design kept from before, without saying what its allergens are, has the
     * pantry's. A name that was once another food's may have been meant by it, so then its packet is to be read.
     */
    public static function declared(Food $food): Food
    {
        if ($food->allergensKnown !== AllergensKnown::Unknown || ! isset(self::TABLES[$food->id]) || self::TABLES[$food->id][0] !== $food->name) {
            return $food;
        }
        $now = self::food($food->id);
        $known = in_array($food->id, Likes::ROWS, true) && $now->allergensKnown === AllergensKnown::Sure ? AllergensKnown::Packet : $now->allergensKnown;
        $all = [...$food->allergens, ...$now->allergens];

        return $food->with([
            'allergens' => array_values(array_filter(Allergen::cases(), static fn (Allergen $one): bool => in_array($one, $all, true))),
            'allergenNames' => $now->allergenNames, 'allergensKnown' => $known, 'saturates' => $now->saturates, 'sugars' => $now->sugars,
        ]);
    }

    /** The food whose water and salt it borrows; itself where it has its own. */
    private static function likeOf(string $id): string
    {
        return Likes::ROWS[$id] ?? $id;
    }

    /** The table a food stands in ("cheeses", "vegetables"), or null for a food that is not of the pantry. */
    public static function family(string $id): ?string
    {
        $id = self::likeOf($id);
        foreach (['eggs' => Eggs::ROWS, 'dairy' => Dairy::ROWS, 'liquids' => Liquids::ROWS, 'cheeses' => Cheeses::ROWS, 'meat and fish' => MeatAndFish::ROWS, 'vegetables' => Vegetables::ROWS, 'fruit' => Fruit::ROWS, 'dry goods' => DryGoods::ROWS] as $family => $rows) {
            if (isset($rows[$id])) {
                return $family;
            }
        }

        return null;
    }

    /** @return list<Food> */
    public static function all(): array
    {
        return array_map(self::food(...), array_keys(self::TABLES));
    }

    /** @return list<string> what else cooks call it, the commonest first */
    public static function names(string $id): array
    {
        return Names::ROWS[$id] ?? [];
    }

    /** @return list<Preparation> */
    public static function preparations(string $id): array
    {
        return array_map(
            static fn (array $row): Preparation => new Preparation(...$row),
            Preparations::ROWS[$id] ?? Preparations::ROWS[self::likeOf($id)] ?? [],
        );
    }

    /** A way by its name, in whatever letters; null where the table does not have it. */
    public static function preparation(string $id, string $name): ?Preparation
    {
        foreach (self::preparations($id) as $one) {
            if (strcasecmp($one->name, trim($name)) === 0) {
                return $one;
            }
        }

        return null;
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

use InvalidArgumentException;

/** The standard pantry, by food id. */
final readonly class Pantry
{
    public static function food(string $id): Food
    {
        $use = PantryTable::USE[$id] ?? throw new InvalidArgumentException("There is no food \"$id\" in the standard pantry.");
        [$name, $role, $texture, $true, $bulk, $floor, $eggs, $liquid, $binds, $safe, $pieces, $allergens] = $use;

        return new Food(
            id: $id,
            name: $name,
            role: Role::from($role),
            texture: Texture::from($texture),
            per100g: new Composition(...PantryTable::COMPOSITION[$id]),
            gramsPerMl: $true,
            bulkGramsPerMl: $bulk,
            floorYield: $floor,
            eggsPer100g: $eggs,
            liquidShare: $liquid,
            bindsGramsPerGram: $binds,
            safeCelsius: $safe,
            pieces: $pieces,
            allergens: $allergens,
        );
    }

    /** @return list<Food> */
    public static function all(): array
    {
        return array_map(self::food(...), array_keys(PantryTable::USE));
    }

    /** @return list<Preparation> */
    public static function preparations(string $id): array
    {
        return array_map(
            static fn (array $row): Preparation => new Preparation(...$row),
            PantryTable::PREPARATIONS[$id] ?? [],
        );
    }
}

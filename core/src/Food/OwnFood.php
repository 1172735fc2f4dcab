<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

use Hojaldre\Core\Fields;
use Hojaldre\Core\Refused;

/**
 * A food of the kitchen's own, from what its packet declares. What no packet says (density, weep, what an egg has to set) is
 * taken from its composition and role, as the standard pantry has it for foods of that kind.
 */
final readonly class OwnFood
{
    /** How a dairy sits on a spoon, and the share of it that an egg has to set (fitted, see docs/model.md). */
    public const BODIES = ['pours' => 1.0, 'spoons' => 0.8, 'stands' => 0.5];

    /**
     * @param  Fields  $fields  name, role, raw, body; fat, carbohydrate, fibre, protein, salt in g per 100 g; allergens
     *
     * @throws Refused does-not-sum
     */
    public static function read(string $id, Fields $fields): Food
    {
        $name = $fields->text('name', 1, 60);
        $role = Role::from($fields->oneOf('role', Role::words()));
        $raw = $fields->oneOf('raw', ['cooked', 'raw', 'poultry']);
        $body = $fields->oneOf('body', array_keys(self::BODIES));
        $per100g = Label::composition(
            $fields->number('fat', 0, 100, 'g per 100 g'), $fields->number('carbohydrate', 0, 100, 'g per 100 g'),
            $fields->number('fibre', 0, 100, 'g per 100 g'), $fields->number('protein', 0, 100, 'g per 100 g'),
            $fields->number('salt', 0, 100, 'g per 100 g'),
        );
        $allergens = $fields->wordsOf('allergens', Allergens::ALL);
        $fields->nothingElse();
        $true = round(max(0.3, min(2.2, Thermal::of($per100g, 20)->density() / 1000)), 3);

        return new Food(
            id: $id,
            name: trim($name),
            role: $role,
            texture: $role === Role::Solid ? Texture::Cubes : ($role === Role::Binder ? Texture::Crumbs : Texture::Plain),
            per100g: $per100g,
            gramsPerMl: $true,
            bulkGramsPerMl: $role === Role::Solid || $role === Role::Binder ? round($true * 0.6, 3) : $true,
            floorYield: self::floorYield($role, $per100g, $raw !== 'cooked'),
            eggsPer100g: $role === Role::Egg ? 2.0 : 0.0,
            liquidShare: $role === Role::Dairy ? self::BODIES[$body] : 0.0,
            bindsGramsPerGram: $role === Role::Binder ? 1.75 : 0.0,
            safeCelsius: match ($raw) {
                'poultry' => 74.0,
                'raw' => 71.0,
                default => $role === Role::Egg ? 71.0 : null,
            },
            pieces: [],
            allergens: $allergens,
        );
    }

    /** Vegetables weep most, raw meat less, cheese and cooked things little (common practice, no source). */
    private static function floorYield(Role $role, Composition $per100g, bool $raw): float
    {
        return match (true) {
            $role !== Role::Solid => 1.0,
            $per100g->water > 75 && $per100g->protein < 8 => 0.65,
            $raw => 0.75,
            default => 0.95,
        };
    }

    /**
     * The packet's figures of a food, to be shown again for editing.
     *
     * @return array<string, mixed>
     */
    public static function label(Food $food): array
    {
        $body = array_search($food->liquidShare, self::BODIES, true);

        return [
            'name' => $food->name,
            'role' => $food->role->value,
            'raw' => match (true) {
                $food->safeCelsius === null || $food->role === Role::Egg => 'cooked',
                $food->safeCelsius >= 74.0 => 'poultry',
                default => 'raw',
            },
            'body' => is_string($body) ? $body : 'pours',
            'fat' => $food->per100g->fat,
            'carbohydrate' => $food->per100g->carbohydrate,
            'fibre' => $food->per100g->fibre,
            'protein' => $food->per100g->protein,
            'salt' => $food->per100g->salt,
            'allergens' => $food->allergens,
        ];
    }
}

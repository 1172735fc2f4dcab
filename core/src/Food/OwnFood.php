<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

/**
 * A food of the kitchen's own, from what its packet declares. What no packet says (density, weep, what an egg has to set) is
 * taken from its composition and role, as the standard pantry has it for foods of that kind.
 */
final readonly class OwnFood
{
    /** A solid or a binder lies in a cup with so much of it food and not gaps (judgement). */
    private const PACKING = 0.6;

    /** g of water to a g of binder, as dry crumbs (common practice, no source). */
    private const BINDS = 1.75;

    /** °C at the coldest point (docs/sources.md#usda-safe-minimum). */
    private const SAFE_RAW_CELSIUS = 71.0;

    private const SAFE_POULTRY_CELSIUS = 74.0;

    /** What raw meat keeps in an oven (common practice, no source). */
    private const RAW_YIELD = 0.75;

    public static function of(string $id, FoodLabel $label): Food
    {
        $per100g = $label->composition();
        $true = round(max(0.3, min(2.2, Thermal::of($per100g, 20)->density() / 1000)), 3);
        $raw = self::rawness($label);
        $isLoose = $label->role === Role::Solid || $label->role === Role::Binder;

        return new Food(
            id: $id,
            name: trim($label->name),
            role: $label->role,
            texture: match ($label->role) {
                Role::Solid => Texture::Cubes,
                Role::Binder => Texture::Crumbs,
                default => Texture::Plain,
            },
            per100g: $per100g,
            gramsPerMl: $true,
            bulkGramsPerMl: $isLoose ? round($true * self::PACKING, 3) : $true,
            floorYield: self::floorYield($label->role, $per100g, $raw !== Rawness::Cooked),
            eggsPer100g: $label->role === Role::Egg ? 2.0 : 0.0,
            liquidShare: $label->role === Role::Dairy ? $label->body->liquidShare() : 0.0,
            bindsGramsPerGram: $label->role === Role::Binder ? self::BINDS : 0.0,
            safeCelsius: match ($raw) {
                Rawness::Poultry => self::SAFE_POULTRY_CELSIUS,
                Rawness::Raw => self::SAFE_RAW_CELSIUS,
                default => $label->role === Role::Egg ? self::SAFE_RAW_CELSIUS : null,
            },
            pieces: [],
            allergens: self::inOrder([...$label->allergens, ...array_map(static fn (AllergenName $one): Allergen => $one->group(), $label->allergenNames)]),
            doughKind: $label->role === Role::Dough ? $label->doughKind : null,
            allergenNames: $label->allergenNames,
            allergensKnown: $label->allergensRead ? AllergensKnown::Sure : AllergensKnown::Unknown,
            saturates: $label->saturates,
            sugars: $label->sugars,
        );
    }

    /**
     * @param  list<Allergen>  $found
     * @return list<Allergen> each once, in the order of the law
     */
    private static function inOrder(array $found): array
    {
        return array_values(array_filter(Allergen::cases(), static fn (Allergen $one): bool => in_array($one, $found, true)));
    }

    /** As it was said; where it was not, what may be raw is, and hot enough for poultry. */
    private static function rawness(FoodLabel $label): Rawness
    {
        if ($label->raw !== Rawness::Unsaid) {
            return $label->raw;
        }

        return $label->role !== Role::Egg && MayBeRaw::packet($label) ? Rawness::Poultry : Rawness::Cooked;
    }

    /**
     * A food that nobody has the packet of, taken to be like one that is known: all but its name and its id. It is as raw as that one; by a
     * name that says raw, or that says flesh where the other is none, it is raw whatever it is like.
     */
    public static function like(string $id, string $name, Food $like): Food
    {
        $isRaw = ! $like->isRaw() && (MayBeRaw::saysRaw($name) || MayBeRaw::named($name) && ! $like->isFlesh() && ! $like->isCheese());

        return $like->with([
            'id' => $id, 'name' => trim($name), ...($isRaw ? ['floorYield' => min($like->floorYield, self::RAW_YIELD), 'safeCelsius' => self::SAFE_POULTRY_CELSIUS] : []),
            // water and salt are borrowed, allergens never: what the other has may be in it, and whatever else
            'allergensKnown' => AllergensKnown::Unknown, 'saturates' => null, 'sugars' => null,
        ]);
    }

    /** The packet's figures of a food, to be shown again for editing. */
    public static function label(Food $food): FoodLabel
    {
        $body = array_values(array_filter(DairyBody::cases(), static fn (DairyBody $body): bool => $body->liquidShare() === $food->liquidShare));

        return new FoodLabel(
            name: $food->name,
            role: $food->role,
            raw: match (true) {
                $food->safeCelsius === null || $food->role === Role::Egg => Rawness::Cooked,
                $food->safeCelsius >= self::SAFE_POULTRY_CELSIUS => Rawness::Poultry,
                default => Rawness::Raw,
            },
            body: $body[0] ?? DairyBody::Pours,
            fat: $food->per100g->fat,
            carbohydrate: $food->per100g->carbohydrate,
            fibre: $food->per100g->fibre,
            protein: $food->per100g->protein,
            salt: $food->per100g->salt,
            allergens: $food->allergens,
            doughKind: $food->doughKind ?? DoughKind::Short,
            allergenNames: $food->allergenNames,
            allergensRead: $food->allergensKnown === AllergensKnown::Sure,
            saturates: $food->saturates,
            sugars: $food->sugars,
        );
    }

    /** Vegetables weep most, raw meat less, cheese and cooked things little (common practice, no source). */
    private static function floorYield(Role $role, Composition $per100g, bool $raw): float
    {
        return match (true) {
            $role !== Role::Solid => 1.0,
            $per100g->water > 75 && $per100g->protein < 8 => 0.65,
            $raw => self::RAW_YIELD,
            default => 0.95,
        };
    }
}

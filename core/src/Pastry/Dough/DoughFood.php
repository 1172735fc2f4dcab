<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Dough;

use Hojaldre\Core\Food\Allergen;
use Hojaldre\Core\Food\AllergenName;
use Hojaldre\Core\Food\AllergensKnown;
use Hojaldre\Core\Food\Composition;
use Hojaldre\Core\Food\DoughKind;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Food\Role;
use Hojaldre\Core\Food\Texture;
use Hojaldre\Core\Food\Thermal;

/** A formula as the food that it makes: what the bake and the readings know of a dough. */
final readonly class DoughFood
{
    /** Air that stays in a kneaded lump, of its volume (judgement). */
    private const AIR_SHARE = 0.03;

    /** By weight of its parts, salt as ash to the last gram; the allergens of all of them. */
    public static function of(Formula $formula): Food
    {
        $parts = [[new Composition(0, 0, 0, 0, 0, 100, 100), $formula->saltPercent]];
        $allergens = $names = [];
        $known = AllergensKnown::Sure;
        [$saturates, $sugars, $all] = [0.0, 0.0, $formula->saltPercent];
        foreach ($formula->parts() as $part) {
            $food = Pantry::declared($part->food);
            $names = [...$names, ...$food->allergenNames];
            $known = $known->orLess($food->allergensKnown);
            $saturates = $saturates === null || $food->saturates === null ? null : $saturates + $part->percent * $food->saturates;
            $sugars = $sugars === null || $food->sugars === null ? null : $sugars + $part->percent * $food->sugars;
            $all += $part->percent;
            $parts[] = [$part->food->per100g, $part->percent];
            foreach ($food->allergens as $allergen) {
                $allergens[$allergen->value] = $allergen;
            }
        }
        $per100g = Composition::mixed($parts)->rounded();
        $gramsPerMl = round(Thermal::of($per100g, 20)->density() / 1000 * (1 - self::AIR_SHARE), 3);

        return new Food(
            $formula->id, $formula->name, Role::Dough, Texture::Plain, $per100g, $gramsPerMl, $gramsPerMl, 1.0, 0.0, 0.0, 0.0, null, [],
            array_values(array_filter(Allergen::cases(), static fn (Allergen $one): bool => isset($allergens[$one->value]))),
            $formula->style === DoughStyle::Folded ? DoughKind::Puff : DoughKind::Short,
            array_values(array_filter(AllergenName::cases(), static fn (AllergenName $one): bool => in_array($one, $names, true))), $known,
            $saturates === null ? null : round($saturates / max(1e-9, $all), 2), $sugars === null ? null : round($sugars / max(1e-9, $all), 2),
        );
    }
}

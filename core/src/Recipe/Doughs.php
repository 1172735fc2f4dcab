<?php

declare(strict_types=1);

namespace Hojaldre\Core\Recipe;

use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Food\Role;

/** Which dough of the pantry a recipe's own comes nearest to, by its flour and its fat. */
final readonly class Doughs
{
    /**
     * @param  list<NamedAmount>  $of  what stands in the dough
     * @return Food|null null where no dough is told at all
     */
    public static function of(array $of, string $text): ?Food
    {
        $bought = array_values(array_filter($of, static fn (NamedAmount $one): bool => $one->food->role === Role::Dough));
        $ids = array_map(static fn (NamedAmount $one): string => $one->food->id, $of);
        if ($bought !== [] && array_intersect(['flour', 'wholemeal-flour'], $ids) === []) {
            return $bought[0]->food;
        }
        if ($ids === []) {
            return null;
        }
        $has = static fn (string ...$wanted): bool => array_intersect($wanted, $ids) !== [];

        return Pantry::food(match (true) {
            preg_match('/\brough[- ]puff\b/iu', $text) === 1 => 'rough-puff',
            $has('gluten-free-flour') => 'gluten-free-shortcrust',
            $has('suet') => 'suet-crust',
            $has('lard') && preg_match('/\b(?:boiling|hot)[ -]water\b|\bbring to the boil\b/iu', $text) === 1 => 'hot-water-crust',
            $has('lard') => 'lard-shortcrust',
            $has('cream-cheese', 'soured-cream', 'yoghurt', 'strained-yoghurt') => 'cream-cheese-crust',
            $has('olive-oil', 'sunflower-oil') && ! $has('butter', 'unsalted-butter') => 'oil-crust',
            $has('wholemeal-flour') => 'wholemeal-shortcrust',
            $has('cheddar', 'parmesan') => 'cheese-shortcrust',
            default => 'shortcrust',
        });
    }
}

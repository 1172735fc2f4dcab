<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

/** How near one food comes to another in what a pie asks of it: the less, the nearer. */
final readonly class Likeness
{
    /** What a difference counts: a gram of salt in 100 g changes a pie more than a gram of water (judgement). */
    private const WEIGHTS = ['water' => 1.0, 'fat' => 1.0, 'protein' => 0.7, 'carbohydrate' => 0.7, 'salt' => 6.0];

    /** Cut, laid and bitten differently, even where it is made of the same (judgement). */
    private const OTHER_TEXTURE = 8.0;

    /** A heap of herbs is no heap of leeks: for each g/ml by which they lie looser or closer (judgement). */
    private const LOOSENESS = 80.0;

    /** Cheese for bacon is another pie (judgement). */
    private const OTHER_FAMILY = 20.0;

    /** Not made ready in the same way: the evening goes differently (judgement). */
    private const OTHER_PREPARATION = 15.0;

    public static function distance(Food $one, Food $other): float
    {
        $sum = 0.0;
        [$a, $b] = [$one->per100g, $other->per100g];
        foreach (self::WEIGHTS as $part => $weight) {
            $sum += $weight * abs($a->{$part} - $b->{$part});
        }

        return $sum
            + self::LOOSENESS * abs($one->bulkGramsPerMl - $other->bulkGramsPerMl)
            + (self::ofOneFamily($one, $other) ? 0.0 : self::OTHER_FAMILY)
            + ($one->texture === $other->texture ? 0.0 : self::OTHER_TEXTURE)
            + (self::madeReadyAlike($one, $other) ? 0.0 : self::OTHER_PREPARATION);
    }

    /** A food from elsewhere has no family and so nothing against it. */
    private static function ofOneFamily(Food $one, Food $other): bool
    {
        [$a, $b] = [Pantry::family($one->id), Pantry::family($other->id)];

        return $a === null || $b === null || $a === $b;
    }

    private static function madeReadyAlike(Food $one, Food $other): bool
    {
        $names = static fn (Food $food): array => array_map(static fn (Preparation $way): string => $way->name, Pantry::preparations($food->id));
        [$a, $b] = [$names($one), $names($other)];

        return array_intersect($a, $b) !== [] || ($a === [] && $b === []);
    }

    /** @return list<Food> of the pantry, of the same role, the nearest first; of those that are alike in all that a pie asks of them one */
    public static function nearest(Food $food, int $most): array
    {
        $others = array_values(array_filter(Pantry::all(), static fn (Food $one): bool => $one->role === $food->role && $one->id !== $food->id));
        usort($others, static fn (Food $a, Food $b): int => self::distance($food, $a) <=> self::distance($food, $b));

        $alike = [];
        foreach ($others as $one) {
            $alike[serialize([$one->per100g, $one->texture, $one->bulkGramsPerMl])] ??= $one;
        }

        return array_slice(array_values($alike), 0, $most);
    }
}

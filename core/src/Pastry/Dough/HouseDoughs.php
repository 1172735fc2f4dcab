<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Dough;

use Hojaldre\Core\Food\Pantry;

/** The doughs of the pantry as cooks commonly make them (common practice, no source). What comes from a shop has no formula. */
final readonly class HouseDoughs
{
    /** By food: style, method, then per cent of flours, fats, liquids, eggs, salt, flavourings, letters, books. */
    private const TABLE = [
        'shortcrust' => ['short', 'rubbed', ['flour' => 100], ['unsalted-butter' => 50], ['water' => 24.5], [], 1.8],
        'lard-shortcrust' => ['short', 'rubbed', ['flour' => 100], ['unsalted-butter' => 26, 'lard' => 26], ['water' => 22], [], 1.5],
        'rich-shortcrust' => ['short', 'yolk-well', ['flour' => 100], ['unsalted-butter' => 60], ['water' => 13], ['egg-yolk' => 12], 1.5],
        'egg-shortcrust' => ['short', 'processor', ['flour' => 100], ['unsalted-butter' => 55], ['water' => 6], ['egg' => 22], 1.5],
        'cream-cheese-crust' => ['short', 'soft', ['flour' => 100], ['unsalted-butter' => 55], ['cream-cheese' => 65], [], 1],
        'yoghurt-crust' => ['short', 'soft', ['flour' => 100], ['unsalted-butter' => 55], ['yoghurt' => 34], [], 1.5],
        'milk-crust' => ['short', 'half-melted', ['flour' => 100], ['unsalted-butter' => 50], ['whole-milk' => 28], [], 1.5],
        'wholemeal-shortcrust' => ['short', 'rubbed', ['wholemeal-flour' => 100], ['unsalted-butter' => 50], ['water' => 27], [], 1.8],
        'cheese-shortcrust' => ['short', 'rubbed', ['flour' => 100], ['unsalted-butter' => 56], ['water' => 24], [], 1, ['hard-cheese' => 25]],
        'suet-crust' => ['short', 'stirred', ['flour' => 100], ['suet' => 50], ['water' => 32], [], 2.2],
        'patty-dough' => ['patty', 'grated', ['flour' => 100], ['unsalted-butter' => 80], ['water' => 27], [], 1.8],
        'rough-puff' => ['folded', 'folds', ['flour' => 100], ['unsalted-butter' => 80], ['water' => 33], [], 2, [], 4, 0],
        'puff' => ['folded', 'folds', ['flour' => 100], ['unsalted-butter' => 72], ['water' => 45], [], 2, [], 6, 0],
        'hot-water-crust' => ['hot-water', 'boiled', ['flour' => 100], ['lard' => 28], ['water' => 36], [], 1.8],
        'oil-crust' => ['oil', 'stirred', ['flour' => 100], ['olive-oil' => 30], ['water' => 31], [], 1.6],
        'gluten-free-shortcrust' => ['gluten-free', 'rubbed', ['gluten-free-flour' => 100], ['unsalted-butter' => 50], ['water' => 4], ['egg' => 28], 1.5],
    ];

    /** @return list<string> ids of their foods */
    public static function ids(): array
    {
        return array_keys(self::TABLE);
    }

    public static function of(string $id): ?Formula
    {
        $row = self::TABLE[$id] ?? null;
        if ($row === null) {
            return null;
        }

        return new Formula(
            $id, Pantry::food($id)->name, DoughStyle::from($row[0]), MixMethod::from($row[1]),
            self::parts($row[2]), self::parts($row[3]), self::parts($row[4]), self::parts($row[5]), (float) $row[6], self::parts($row[7] ?? []), $row[8] ?? 0, $row[9] ?? 0,
        );
    }

    /**
     * @param  array<string, float|int>  $percents  by food
     * @return list<DoughPart>
     */
    private static function parts(array $percents): array
    {
        $parts = [];
        foreach ($percents as $food => $percent) {
            $parts[] = new DoughPart(Pantry::food($food), (float) $percent);
        }

        return $parts;
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

/**
 * What "large" means where the cook buys eggs, g without shell.
 * US: by the dozen, large 50 (docs/sources.md#usda-sr-legacy). EU and UK: middle of the class in the shell (S below 53, M 53 to 63,
 * L 63 to 73, XL 73 and up; docs/sources.md#eu-589-2008) less 11 % shell (common practice, no source).
 */
final readonly class EggSizes
{
    /** Share of an egg that is not shell. */
    public const WITHOUT_SHELL = 0.89;

    /** Parts of an egg without shell: a yolk 17 g and a white 33 g of 50. */
    private const PARTS = ['egg' => 1.0, 'egg-yolk' => 0.34, 'egg-white' => 0.66];

    private const IN_SHELL = ['small' => 48.0, 'medium' => 58.0, 'large' => 68.0, 'extra large' => 76.0];

    private const US = ['medium' => 44.0, 'large' => 50.0, 'extra large' => 56.0];

    public static function apply(Food $food, EggSizing $sizing): Food
    {
        $part = self::PARTS[$food->id] ?? null;
        if ($part === null) {
            return $food;
        }
        $sizes = $sizing === EggSizing::Eu ? array_map(static fn (float $grams): float => $grams * self::WITHOUT_SHELL, self::IN_SHELL) : self::US;

        return $food->withPieces(array_map(static fn (float $grams): float => round($grams * $part, $part === 1.0 ? 0 : 1), $sizes));
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

/** How large the pieces of raw flesh are as they go in: its middle is the last to get hot. */
final readonly class PieceSize
{
    /** An edge of a dice, mm, as a kitchen cuts meat for pies (common practice, no source). */
    public const DICE_MM = 12.0;

    /** Rashers, slices and strips are so thick, mm (common practice, no source). */
    private const SLICE_MM = 5.0;

    /** A cube against the sphere of the same volume: (6/pi)^(1/3) (definition). */
    private const SPHERE_OF_CUBE = 1.2407;

    /** A piece that nobody gave a size of, g (judgement): what a fillet or half a breast weighs. */
    private const WHOLE_GRAMS = 180.0;

    private const CUT = '/(?<![\p{L}])(?:dic\p{L}*|cub\p{L}*|chop\p{L}*|chunk\p{L}*|cut|shredded|torn|flaked|bite\p{L}*|small pieces|ground|minc\p{L}*|puréed|pureed|blended)(?![\p{L}])/u';

    private const SLICED = '/(?<![\p{L}])(?:slic\p{L}*|strips?|rashers?|thin\p{L}*|shav\p{L}*|escalopes?)(?![\p{L}])/u';

    /** Pieces of the table that are left as they are unless a word says that they are cut. */
    private const WHOLE = '/(?<![\p{L}])(?:whole|breasts?|thighs?|legs?|fillets?|drumsticks?|wings?|sausages?|steaks?|chops?|joints?|birds?|loins?|livers?)(?![\p{L}])/u';

    /** "4 mm dice", "2 cm cubes" (definition) */
    private const SAID = '/(\d+(?:[.,]\d+)?)\s*(mm|cm)(?![\p{L}])/u';

    /** Diameter of the sphere of the same volume, mm; 0 where it lies as one mass. @param  string  $words  of its amount and its steps, in small letters */
    public static function of(Food $food, string $words): float
    {
        if ($food->isMinced() || preg_match('/(?<![\p{L}])(?:minc\p{L}*|puréed|pureed|blended)(?![\p{L}])/u', $words) === 1) {
            return 0.0;
        }
        if (preg_match(self::SAID, $words, $m) === 1) {
            return self::SPHERE_OF_CUBE * (float) str_replace(',', '.', $m[1]) * ($m[2] === 'cm' ? 10 : 1);
        }

        return match (true) {
            preg_match(self::SLICED, $words) === 1, isset($food->pieces['rasher']) => self::SPHERE_OF_CUBE * self::SLICE_MM,
            preg_match(self::CUT, $words) === 1 => self::SPHERE_OF_CUBE * self::DICE_MM,
            preg_match(self::WHOLE, $words, $m) === 1 => self::sphereMm($food->pieces[rtrim($m[0], 's')] ?? self::WHOLE_GRAMS, $food->gramsPerMl),
            default => self::SPHERE_OF_CUBE * self::DICE_MM,
        };
    }

    private static function sphereMm(float $grams, float $gramsPerMl): float
    {
        return 10 * (6 * $grams / $gramsPerMl / M_PI) ** (1 / 3);
    }
}

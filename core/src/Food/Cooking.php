<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

/**
 * Whether words say that flesh was cooked through before it went in. A closed list, each word with what the middle of the food has
 * had then: what is not on it, and what is doubtful, leaves raw what was raw. A loss of weight says nothing.
 */
final readonly class Cooking
{
    /** °C of the middle when it is done as the word says (common practice, no source). */
    private const REACHES_CELSIUS = [
        'boiled' => 90.0, 'boil' => 90.0, 'simmered' => 85.0, 'simmer' => 85.0, 'poached' => 80.0, 'poach' => 80.0, 'stewed' => 90.0, 'stew' => 90.0,
        'braised' => 90.0, 'braise' => 90.0, 'casseroled' => 90.0, 'steamed' => 85.0, 'steam' => 85.0, 'roasted' => 76.0, 'roast' => 76.0, 'baked' => 76.0, 'bake' => 76.0,
        'fried' => 76.0, 'fry' => 76.0, 'sautéed' => 76.0, 'sauteed' => 76.0, 'grilled' => 76.0, 'grill' => 76.0, 'barbecued' => 76.0, 'cooked' => 76.0, 'cook' => 76.0,
        'precooked' => 76.0, 'confit' => 82.0, 'rendered' => 76.0, 'microwaved' => 76.0,
    ];

    /** Only what is minced or crumbled is cooked through when it is brown outside (common practice, no source). */
    private const MINCED_CELSIUS = ['browned' => 76.0, 'brown' => 76.0];

    /** Only of bacon and its like (common practice, no source). */
    private const CURED_CELSIUS = ['crisp' => 90.0, 'crisped' => 90.0];

    /** With one of these it is in doubt, and raw: part of the way, outside only, later, not at all, or held at a low heat. */
    private const DOUBTS = '/(?<![\p{L}])(?:un(?!til)\p{L}*|under\p{L}*|raw|rare|medium(?![\s-]+(?:heat|high|hot|low|oven|flame|pan))|pink|blue|bloody|part|partly|partially|half|halfway|semi|par|lightly|barely|briefly|quickly|flash|nearly|almost|not|no|never|without|isn|skin|outside|surface|sides?|only|tomorrow|next|edges|rim|seared?|sealed?|sous|vide|tartare|carpaccio|ceviche|maybe|perhaps|if|when|then|later|after(?:wards)?|before|yet|or|optional(?:ly)?|ready|warmed?)(?![\p{L}])/u';

    /** What is still to come: "for frying", "to be roasted", "will be cooked". */
    private const STILL_TO_COME = '/(?<![\p{L}])(?:to|for|be|being|will|from)\s+(?:be\s+|have\s+)?$/u';

    /** Too short for the middle of a piece: up to three minutes, seconds, "a few minutes" (common practice, no source). */
    private const TOO_SHORT = '/(?<!every )(?<![\p{L}\d.,\/])(?:an?|one|two|three|[123]|(?:an? )?(?:few|couple(?: of)?)|half an?)(?:\s*(?:-|–|to|or)\s*(?:two|three|four|[2-4]))?\s*min(?:ute)?s?(?!\p{L})|(?<!\p{L})sec(?:ond)?s?(?!\p{L})/u';

    /** "to 60 °C", "core 62": the middle as it was measured. */
    private const MEASURED = '/(?<!\p{L})(?:to|at|until|reach\p{L}*|core|middle|inside|centre|center|internal)\D{0,12}(\d{2,3})\s*(?:°|degrees?|deg|º)?\s*([cf])?(?![\d\p{L}]|\s*[-–to]*\s*\d*\s*(?:min|h(?:ou)?rs?|sec|g|kg|ml|l|cm|mm)(?:\p{L}|$|\s))/u';

    /** An oven or a pan is hotter than this, and says nothing of the middle, °C (definition). */
    private const HOTTEST_MIDDLE_CELSIUS = 110.0;

    /** What the middle of a food has had, by the words of a step, °C; null where they do not say that it was cooked. */
    public static function middleCelsius(string $words, Food $food): ?float
    {
        $words = mb_strtolower($words);
        if (preg_match(self::DOUBTS, $words) === 1 || preg_match(self::TOO_SHORT, $words) === 1) {
            return null;
        }
        $reached = null;
        foreach (self::list($food) as $word => $celsius) {
            if (preg_match_all('/(?<![\p{L}])'.$word.'(?![\p{L}])/u', $words, $found, PREG_OFFSET_CAPTURE) === 0) {
                continue;
            }
            foreach ($found[0] as [, $at]) {
                if (preg_match(self::STILL_TO_COME, substr($words, 0, $at)) === 1) {
                    return null;
                }
            }
            $reached = max($reached ?? 0.0, $celsius);
        }

        return $reached === null ? null : min($reached, self::measured($words) ?? $reached);
    }

    /** Whether a step cooks it as far as it has to be. */
    public static function isThrough(string $words, Food $food): bool
    {
        return (self::middleCelsius($words, $food) ?? -INF) >= ($food->safeCelsius ?? 0.0);
    }

    /** @return array<string, float> */
    private static function list(Food $food): array
    {
        return [...self::REACHES_CELSIUS, ...($food->isMinced() ? self::MINCED_CELSIUS : []), ...($food->isCuredFat() ? self::CURED_CELSIUS : [])];
    }

    private static function measured(string $words): ?float
    {
        if (preg_match(self::MEASURED, $words, $m) !== 1) {
            return null;
        }
        $celsius = ($m[2] ?? '') === 'f' ? ((float) $m[1] - 32) / 1.8 : (float) $m[1];

        return $celsius <= self::HOTTEST_MIDDLE_CELSIUS ? $celsius : null;
    }
}

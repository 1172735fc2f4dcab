<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

use Hojaldre\Core\Measure\Span;

/** What a food is like when it is weighed or goes in: squeezed, cooked, drained, still wet, cooked down to half. */
final readonly class Condition
{
    /** What flesh keeps that is cooked through, where the table has no figure: most likely, least, most (judgement). */
    private const COOKED = [0.72, 0.55, 0.88];

    /** How the words say it, with the preparations of the table that they may mean and, where there is none, what is left of the bought weight: most likely, least, most (judgement). */
    private const WORDS = [
        'squeez' => ['squeez', [0.45, 0.33, 0.6]], 'wring' => ['squeez', [0.45, 0.33, 0.6]], 'wrung' => ['squeez', [0.45, 0.33, 0.6]], 'press' => ['press', [0.8, 0.7, 0.9]],
        'caramel' => ['caramel', [0.35, 0.28, 0.45]], 'collaps' => ['soften', [0.55, 0.45, 0.65]], 'wilt' => ['wilt|squeez', [0.7, 0.5, 0.9]], 'blanch' => ['blanch|parboil', [0.95, 0.85, 1.0]],
        'parboil' => ['parboil|blanch', [0.97, 0.92, 1.0]], 'boil' => ['boil|blanch', [0.95, 0.88, 1.0]], 'steam' => ['boil|steam', [0.95, 0.88, 1.0]],
        'sweat' => ['sweat|soften', [0.7, 0.6, 0.8]], 'soften' => ['soften|sweat|collaps', [0.7, 0.55, 0.8]], 'saut' => ['fried|soften|sweat|sear', [0.7, 0.55, 0.82]], 'fried' => ['fried|heat|soften|crisp|render', [0.68, 0.55, 0.8]],
        'pan-fried' => ['fried|heat|soften|crisp', [0.68, 0.55, 0.8]], 'crisp' => ['crisp', [0.48, 0.4, 0.6]], 'render' => ['render|crisp', [0.6, 0.5, 0.75]], 'brown' => ['brown|sear', [0.75, 0.65, 0.85]], 'sear' => ['sear|brown', [0.85, 0.75, 0.92]],
        'roast' => ['roast|char', [0.75, 0.6, 0.88]], 'char' => ['char|roast', [0.66, 0.58, 0.75]], 'grill' => ['roast|sear|char', [0.75, 0.6, 0.88]], 'poach' => ['poach', [0.82, 0.75, 0.9]], 'bak' => ['roast', [0.78, 0.65, 0.88]],
        'toast' => ['toast', [0.98, 0.95, 1.0]], 'salted' => ['salted', [0.8, 0.72, 0.88]], 'drain' => ['drain', [0.9, 0.78, 0.98]], 'thaw' => ['squeez|drain', [0.9, 0.75, 1.0]], 'defrost' => ['squeez|drain', [0.9, 0.75, 1.0]],
        'cook' => ['', self::COOKED], 'stew' => ['', self::COOKED], 'brais' => ['', self::COOKED], 'simmer' => ['', self::COOKED], 'reduc' => ['', [0.5, 0.35, 0.7]], 'dried' => ['', [0.95, 0.9, 1.0]], 'rins' => ['', [1.0, 0.97, 1.0]],
    ];

    /** What kitchens without a scale say, against the usual range of a preparation (judgement). */
    private const WET = ['still wet', 'wet', 'loosely squeezed', 'lightly squeezed', 'squeezed lightly', 'not squeezed', 'a bit wet', 'barely squeezed', 'undrained'];

    private const DRY = ['squeezed hard', 'hard squeezed', 'squeezed dry', 'squeezed very dry', 'wrung dry', 'well squeezed', 'pressed hard', 'very dry', 'bone dry', 'dry', 'cooked dry', 'well drained', 'squeezed out well'];

    private const USUAL = ['usual', 'as usual', 'normal', 'the usual', 'as always', 'average', 'properly squeezed'];

    /** "down to a third": so far off in words like these (judgement). */
    private const DOWN_TO_SPREAD = 0.16;

    private const PARTS = ['half' => 0.5, 'a half' => 0.5, 'a third' => 1 / 3, 'one third' => 1 / 3, 'third' => 1 / 3, 'two thirds' => 2 / 3, 'a quarter' => 0.25, 'quarter' => 0.25, 'three quarters' => 0.75, '1/2' => 0.5, '1/3' => 1 / 3, '2/3' => 2 / 3, '3/4' => 0.75, '1/4' => 0.25];

    private const PART_WORDS = 'half|a half|a third|one third|third|two thirds|a quarter|quarter|three quarters|1/2|1/3|2/3|3/4|1/4';

    private const NAME_LENGTH = 60;

    /** @param  Span  $share  what is left of the bought weight, 0 to 1 */
    private function __construct(public string $preparation, public Span $share)
    {
    }

    /** The condition that words tell of a food, or null where they tell of none. */
    public static function in(string $words, Food $food, string $preparation = ''): ?self
    {
        $words = trim(mb_strtolower((string) preg_replace('/\s+/u', ' ', $words)));
        if (preg_match('~\b(?:down (?:to|by)|reduced (?:to|by)|lost|loses) (?:about )?('.self::PART_WORDS.')(?! g)\b~u', $words, $m) === 1) {
            $part = self::PARTS[$m[1]];
            $left = preg_match('/(?:by|lost|loses) (?:about )?'.preg_quote($m[1], '/').'/u', $words) === 1 ? 1 - $part : $part;

            return new self(self::named($words, $preparation), Span::of($left, $left * (1 - self::DOWN_TO_SPREAD), min(1.0, $left * (1 + self::DOWN_TO_SPREAD))));
        }
        $way = self::way($words, $food, $preparation);
        $usual = self::usual($way, $food, $words);
        if ($usual === null) {
            return null;
        }
        $name = self::name($way, $food, $words, $preparation);

        return match (true) {
            self::says($words, self::DRY) => new self($name, Span::of($usual->least, $usual->least * 0.9, $usual->value)),
            self::says($words, self::WET) => new self($name, Span::of($usual->most + 0.25 * (1 - $usual->most), $usual->most, $usual->most + 0.5 * (1 - $usual->most))),
            self::says($words, self::USUAL) || self::stem($words) !== null => new self($name, $usual),
            default => null,
        };
    }

    /** The table's name for it; where that says cooked through and the cook did not, the cook's own words. */
    private static function name(?Preparation $way, Food $food, string $words, string $preparation): string
    {
        $cooks = $way !== null && $food->isRaw() && Cooking::isThrough($way->name, $food) && ! Cooking::isThrough($words, $food) && $preparation !== $way->name;

        $name = $way === null || $cooks ? self::named($words, $preparation) : $way->name;

        // a name is short: what is cut off must not take a doubt with it
        return $food->isRaw() && Cooking::isThrough($name, $food) && ! Cooking::isThrough($words, $food) && $preparation !== $name ? mb_substr("half done, $name", 0, self::NAME_LENGTH) : $name;
    }

    /** Whether a word by itself tells of a condition. */
    public static function isWord(string $word): bool
    {
        return self::stem($word) !== null || in_array($word, ['wet', 'dry', 'usual', 'down', 'half', 'hard', 'well', 'raw'], true);
    }

    /** The preparation of the table that is meant: the one spoken of, the one already chosen, or where only "usual" and the like is said the first. */
    private static function way(string $words, Food $food, string $preparation): ?Preparation
    {
        $ways = Pantry::preparations($food->id);
        if ($food->isRaw() && Cooking::isThrough($words, $food)) {
            // cooked through is not "seared", though that comes first in the table
            $ways = array_values(array_filter($ways, static fn (Preparation $one): bool => Cooking::isThrough($one->name, $food)));
        }
        foreach ($ways as $way) {
            if ($way->name === $preparation || str_contains($words, mb_strtolower($way->name))) {
                return $way;
            }
        }
        $stem = self::stem($words);
        $meant = $stem === null ? '' : self::WORDS[$stem][0];
        foreach ($meant === '' ? [] : explode('|', $meant) as $one) {
            foreach ($ways as $way) {
                if (str_contains($way->name, $one) || str_contains($way->how, $one)) {
                    return $way;
                }
            }
        }

        return $meant === '' ? ($ways[0] ?? null) : null;
    }

    private static function usual(?Preparation $way, Food $food, string $words): ?Span
    {
        if ($way !== null) {
            return Span::of(($way->yieldLow + $way->yieldHigh) / 2, $way->yieldLow, $way->yieldHigh);
        }
        $stem = self::stem($words);
        if ($stem === null) {
            return null;
        }
        // no step takes more off than the food has to lose
        $least = 1 - $food->losableGrams(1.0);

        return Span::of(...array_map(static fn (float $share): float => max($least, $share), $food->isRaw() && Cooking::isThrough($words, $food) ? self::COOKED : self::WORDS[$stem][1]));
    }

    /** @param  list<string>  $phrases */
    private static function says(string $words, array $phrases): bool
    {
        return preg_match('/(?<![\p{L}-])(?:'.implode('|', $phrases).')(?![\p{L}-])/u', $words) === 1;
    }

    private static function stem(string $words): ?string
    {
        foreach (self::WORDS as $stem => $_) {
            if (preg_match('/(?<![\p{L}])'.preg_quote($stem, '/').'/u', $words) === 1) {
                return $stem;
            }
        }

        return null;
    }

    private static function named(string $words, string $preparation): string
    {
        return $preparation !== '' ? $preparation : mb_substr(trim((string) preg_replace('/[^\p{L}\p{N}\/ ,-]/u', '', $words)), 0, self::NAME_LENGTH);
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Recipe;

use Hojaldre\Core\Food\Condition;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\NameKey;
use Hojaldre\Core\Food\Names;

/** What a method does to a food before it goes in. */
final readonly class Preparing
{
    private const OVEN = '/\b(?:pre-?heat|bake (?:for|in|at|the (?:pie|quiche|tart|pastr))|oven for|bake until)\b/iu';

    private const COOKS = '/\b(?:fry|fried|saut|sweat|soften|cook|brown|sear|roast|boil|blanch|steam|poach|simmer|wilt|squeez|drain|press|render|crisp|caramel|grill|char|toast|reduc|salt(?:ed)? and|parboil|thaw|defrost|stew|collaps|wring)\w*/iu';

    /** Looser than this, g per ml, is a herb; what loses less in an oven was cooked already (judgement). */
    private const HERB = 0.16;

    private const COOKED_YIELD = 0.91;

    /** More fat than this is what things are fried in, % (judgement). */
    private const FAT_PERCENT = 60.0;

    /**
     * The condition that one of these sentences brings a food to, or null.
     *
     * @param  list<string>  $sentences
     */
    public static function of(Food $food, string $key, array $sentences, Names $names): ?Condition
    {
        if ($food->isCheese() || $food->per100g->fat > self::FAT_PERCENT || $food->bulkGramsPerMl < self::HERB || $food->floorYield > self::COOKED_YIELD && ! str_contains($food->id, 'frozen')) {
            return null;
        }
        $found = null;
        foreach ($food->isRaw() ? self::clauses($sentences) : $sentences as $sentence) {
            if (preg_match(self::OVEN, $sentence) === 1 || preg_match(self::COOKS, $sentence) !== 1 || ! self::names($food, $key, $sentence, $names)) {
                continue;
            }
            preg_match_all(self::COOKS, $sentence, $verbs);
            $words = implode(' ', array_map(static fn (string $verb): string => str_starts_with(mb_strtolower($verb), 'fry') ? 'fried' : $verb, $verbs[0]));
            if (preg_match('/\bdown (?:to|by) (?:about )?(?:a )?(?:half|third|quarter)/iu', $sentence, $m) === 1) {
                $words .= ' '.$m[0];
            }
            // of raw flesh all that is said counts: "lightly poached" is not poached
            $one = Condition::in($food->isRaw() ? $sentence : $words, $food);
            // a later step takes off more, or says nothing new
            if ($one !== null && ($found === null || $one->share->value < $found->share->value)) {
                $found = $one;
            }
        }

        return $found;
    }

    /**
     * "Fry the onions, then stir in the chicken" cooks the onions: of raw flesh only what is said in one breath with it counts.
     *
     * @param  list<string>  $sentences
     * @return list<string>
     */
    private static function clauses(array $sentences): array
    {
        return array_merge([], ...array_map(static fn (string $one): array => preg_split('/[,;:.()]|\b(?:and|then|while|until|with|to|over|into|before|after)\b/iu', $one) ?: [], $sentences));
    }

    private static function names(Food $food, string $key, string $sentence, Names $names): bool
    {
        $words = NameKey::words($sentence);
        foreach ($names->in($words) as $one) {
            if ($one->food->id === $food->id) {
                return true;
            }
        }
        $last = explode(' ', $key);

        return in_array(end($last), $words, true) || in_array(NameKey::words(explode(',', $food->name)[0])[0], $words, true);
    }
}

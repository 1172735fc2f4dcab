<?php

declare(strict_types=1);

namespace Hojaldre\Core\Recipe;

use Hojaldre\Core\Food\Condition;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\FoundName;
use Hojaldre\Core\Food\NameKey;
use Hojaldre\Core\Food\Names;

/** What a method does to a food before it goes in. */
final readonly class Preparing
{
    private const OVEN = '/\b(?:pre-?heat|bake (?:for|in|at|the (?:pie|quiche|tart|pastr))|oven for|bake until)\b/iu';

    private const COOKS = '/\b(?:fry|fried|saut|sweat|soften|cook|brown|sear|roast|boil|blanch|steam|poach|simmer|wilt|squeez|drain|press|render|crisp|caramel|grill|char|toast|reduc|salt(?:ed)? and|parboil|thaw|defrost|stew|brais|collaps|wring)\w*/iu';

    /** As it is told to do, and as it is done: "roast" behind a name is a joint. */
    private const VERB = '(?:fry|saut[ée]|cook|brown|sear|roast|boil|blanch|steam|poach|simmer|render|crisp|grill|parboil|stew|braise)';

    private const DONE = '(?:fried|saut[ée]ed|cooked|browned|seared|roasted|boiled|blanched|steamed|poached|simmered|rendered|crisped|grilled|parboiled|stewed|braised)';

    /** "Boil the chicken bones" boils no chicken. */
    private const PART_OF = '(?:bones?|skins?|fat|dripping|carcass\p{L}*|stocks?|trimmings?|scraps?|giblets|rinds?|shells?|heads?|juices?|gravy|broth)';

    /** The bake itself is no preparing. */
    private const IN_THE_PIE = '/\b(?:pies?|crust|case|pastry|quiches?|tarts?|past(?:y|ies)|shell|lid)\b/iu';

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
        foreach ($food->isRaw() ? self::breaths($sentences, $names) : array_combine($sentences, $sentences) as $whole => $sentence) {
            if (preg_match(self::OVEN, $sentence) === 1 || preg_match(self::COOKS, $sentence) !== 1 || ! self::names($food, $key, $sentence, $names)) {
                continue;
            }
            if ($food->isRaw() && (preg_match(self::IN_THE_PIE, (string) $whole) === 1 || ! self::isOfIt($food, $key, $sentence, $names))) {
                continue;
            }
            preg_match_all(self::COOKS, $sentence, $verbs);
            $words = implode(' ', array_map(static fn (string $verb): string => str_starts_with(mb_strtolower($verb), 'fry') ? 'fried' : $verb, $verbs[0]));
            if (preg_match('/\bdown (?:to|by) (?:about )?(?:a )?(?:half|third|quarter)/iu', $sentence, $m) === 1) {
                $words .= ' '.$m[0];
            }
            // of raw flesh all that is said counts: "lightly poached" is not poached
            $one = Condition::in($food->isRaw() ? (string) preg_replace('/\bfry\b/iu', 'fried', (string) $whole) : $words, $food);
            // a later step takes off more, or says nothing new
            if ($one !== null && ($found === null || $one->share->value < $found->share->value)) {
                $found = $one;
            }
        }

        return $found;
    }

    /**
     * "Fry the onions, then stir in the chicken" cooks the onions: of raw flesh only what is said in one breath with it counts. What
     * follows and names no other food belongs to it: "Cook the salmon | to 45 °C", "Fry the chicken | over a high heat for a minute".
     *
     * @param  list<string>  $sentences
     * @return array<string, string> what is said in one breath, by that and what belongs to it
     */
    private static function breaths(array $sentences, Names $names): array
    {
        $breaths = [];
        foreach ($sentences as $sentence) {
            $said = '';
            $whole = '';
            foreach (preg_split('/[,;:.()]|\b(?=(?:and|then|while|until|with|to|over|into|before|after)\b)/iu', $sentence) ?: [] as $piece) {
                if ($said !== '' && preg_match(self::COOKS, $piece) !== 1 && $names->in(NameKey::words($piece)) === []) {
                    $whole .= $piece;

                    continue;
                }
                $breaths[$whole] = $said;
                [$said, $whole] = [$piece, $piece];
            }
            $breaths[$whole] = $said;
        }

        return $breaths;
    }

    /**
     * Whether it is this food that is cooked, and not what stands beside it: "lay the salmon on the steamed spinach", "the pork roast".
     * The word of cooking stands first and this food is the first named, or the two stand side by side.
     */
    private static function isOfIt(Food $food, string $key, string $piece, Names $names): bool
    {
        $own = implode('|', array_map(static fn (string $word): string => preg_quote($word, '/').'s?', [...explode(' ', $key), NameKey::words(explode(',', $food->name)[0])[0]]));
        $named = $names->in(NameKey::words($piece));
        $parts = array_filter($named, static fn (FoundName $one): bool => $one->food->id !== $food->id && $one->count > 1 && preg_match("/^(?:$own) /iu", $one->key) === 1 && ! $one->food->isFlesh());
        if ($parts !== [] || preg_match('/(?<!\p{L})(?:'.$own.')\s+'.self::PART_OF.'(?!\p{L})/iu', $piece) === 1) {
            return false;
        }
        $first = $named[0] ?? null;
        $leads = preg_match('/^\W*(?:(?:and|then|now|next|first|meanwhile|\p{L}+ly)\W+)*'.self::VERB.'(?!\p{L})/iu', $piece) === 1 && ($first === null || $first->food->id === $food->id);

        return $leads
            || preg_match('/(?<!\p{L})(?:'.self::VERB.'\s+(?:all\s+)?(?:the|your|some)|'.self::DONE.')\s+(?:\p{L}+(?:ed|ly)\s+)?(?:'.$own.')(?!\p{L})/iu', $piece) === 1
            || preg_match('/(?<!\p{L})(?:'.$own.')\s+(?:(?:is|are|was|were|has been|have been)\s+)?(?:\p{L}+ly\s+|well\s+)?'.self::DONE.'(?!\p{L})/iu', $piece) === 1;
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

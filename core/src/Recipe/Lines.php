<?php

declare(strict_types=1);

namespace Hojaldre\Core\Recipe;

use Hojaldre\Core\Measure\Spoken\SpokenAmount;
use Hojaldre\Core\Measure\Spoken\Tokens;

/** Tells the lines of a recipe apart: title, headings, ingredients, method, and words beside. */
final readonly class Lines
{
    private const INGREDIENTS = '/^(?:the )?(?:ingredients?|you(?:\'ll| will)? need|what you need|shopping(?: list)?|what goes in|needs?)\b[^.]{0,30}:?$/iu';

    private const METHOD = '/^(?:the )?(?:methods?|directions?|instructions?|preparation|steps?|to make|how to make(?: it)?|how|what to do|procedure|process|putting it together|here\'?s how|to assemble)\b[^.,]{0,20}:?$|^(?:to bake|assembly|baking|to cook)\s*:?$/iu';

    private const NOTES = '/^(?:notes?|tips?|to serve|serving|storage|nutrition|equipment|cook\'s notes?)\b.{0,20}:?$/iu';

    /** "For the filling:", "Pastry", "The custard". */
    private const GROUP = '/^(?:for (?:the )?|the )?(?<what>(?:[\p{L}-]+ )?(?:pastry|crust|dough|base|filling|custard|topping|lid|glaze|sauce|shell|case|assembly|finish|egg mix|egg mixture|to finish|vegetables?|garnish|cheese sauce|tart|pie|quiche|pasties|pasty))(?: ingredients?)?(?: \([^)\d]*\))?\s*:?$/iu';

    private const YIELD = '/\b(?:serves?|makes?|yields?|servings?|portions?|feeds)\b\D{0,12}(?<count>\d{1,3})|^for (?<people>\d{1,2})(?: people)?$/iu';

    private const BAKES = '/(?:°|º|\b\d{3} ?[CF]\b|\bfan\b|\bgas\b|\boven\b|\bblind\b)[^.]*\bmin(?:ute)?s?\b|\bmin(?:ute)?s?\b[^.]*(?:°|º|\d{3} ?[CF]\b|\bfan\b|\bgas\b|\boven\b|\b(?:1[5-9]|2[0-4])0\b)/iu';

    private const TIMES = '/^(?:prep(?:aration)?|cook(?:ing)?|bak(?:e|ing)|total|resting|chill(?:ing)?)[ -]?(?:time)?\s*:/iu';

    /** Verbs that a sentence of a method begins with or has (common practice, no source). */
    private const VERBS = '/\b(?:pre-?heat|heat|roll|line|chill|bake|fry|saut|sweat|cook|whisk|beat|mix|stir|pour|tip|scatter|sprinkle|arrange|lay|spread|season|grate|slice|chop|dice|boil|blanch|drain|squeeze|roast|simmer|melt|cover|trim|crimp|seal|brush|cut|cool|leave|let|remove|put|place|add|top|fill|fold|combine|rub|knead|press|prick|dock|serve|set|turn|return|reduce|wilt|soften|brown|toss|rest|make|divide|spoon|layer|transfer|whizz|blitz|crumble|ease|drape|take|bring|preheated|use|crush|layer|bind|dot|finish|glaze|slide|lift|steam|mash|rinse|wash|peel|shape|stretch|unroll)\w*\b/iu';

    /**
     * @param  list<string>  $texts  lines that are not empty
     * @param  bool  $hasTitle  whether the first of them may be one
     * @return list<RecipeLine>
     */
    public static function of(array $texts, bool $hasTitle = true): array
    {
        $hasIngredients = array_filter($texts, static fn (string $text): bool => preg_match(self::INGREDIENTS, self::bare($text)) === 1) !== [];
        $lines = [];
        $mode = $hasIngredients ? 'before' : 'open';
        $heading = '';
        foreach ($texts as $index => $text) {
            $bare = self::bare($text);
            $turn = self::turn($bare);
            if ($turn !== null) {
                [$mode, $heading] = [$turn, $turn === 'method' && $mode === 'method' ? $heading : ''];
                $lines[] = new RecipeLine($text, LineKind::Heading);
            } elseif (preg_match(self::GROUP, $bare, $m) === 1 && ($index > 0 || str_ends_with(trim($text), ':')) && ! ($mode === 'method' && preg_match(self::VERBS, $bare) === 1)) {
                $heading = mb_strtolower($m['what']);
                $lines[] = new RecipeLine($text, LineKind::Heading, $heading);
            } else {
                [$kind, $mode] = self::kind($text, $bare, $mode, $hasTitle ? $index : $index + 1, array_slice($texts, $index + 1));
                $lines[] = new RecipeLine($text, $kind, $heading);
            }
        }

        return $lines;
    }

    /** How many it is for, where a line says so. */
    public static function portions(string $text): ?int
    {
        return preg_match(self::YIELD, $text, $m) === 1 && (int) ($m['people'] ?? $m['count']) >= 1 ? (int) ($m['people'] ?? $m['count']) : null;
    }

    private static function bare(string $text): string
    {
        return trim((string) preg_replace('/^[#*_>\s•·–-]+|[#*_\s]+$/u', '', $text));
    }

    /** A heading at the beginning of a line that goes on: "Filling: 300 g leeks, 2 eggs". */
    public static function headed(string $text): ?string
    {
        return preg_match('/^(.{3,30}?)\s*(?::|\s[-–—])\s+\S/u', self::bare($text), $m) === 1 && preg_match(self::GROUP, $m[1], $group) === 1 ? mb_strtolower($group['what']) : null;
    }

    private static function turn(string $bare): ?string
    {
        return match (true) {
            preg_match(self::INGREDIENTS, $bare) === 1 => 'ingredients',
            preg_match(self::METHOD, $bare) === 1 => 'method',
            preg_match(self::NOTES, $bare) === 1 => 'notes',
            default => null,
        };
    }

    /**
     * @param  list<string>  $later
     * @return array{LineKind, string} and how to go on
     */
    private static function kind(string $text, string $bare, string $mode, int $index, array $later): array
    {
        $isYield = preg_match(self::YIELD, $bare) === 1 && mb_strlen($bare) < 60;
        if ($isYield || preg_match(self::TIMES, $bare) === 1 || preg_match('~^https?://~i', $bare) === 1) {
            return [$index === 0 && $isYield && mb_strlen($bare) > 20 ? LineKind::Title : LineKind::Words, $mode];
        }
        if ($index === 0 && ! self::hasAmount($bare) && mb_strlen($bare) < 90) {
            return [LineKind::Title, $mode];
        }

        // heat and time together are never an ingredient; nor is what goes on in sentences
        if ($mode !== 'notes' && $mode !== 'before' && (preg_match(self::BAKES, $bare) === 1 || preg_match('/[.!] \p{Lu}/u', $bare) === 1 && preg_match(self::VERBS, $bare) === 1 && mb_strlen($bare) > 60)) {
            return [LineKind::Method, $mode];
        }

        return match ($mode) {
            'before' => [self::isSentence($bare) ? LineKind::Method : LineKind::Words, $mode],
            'ingredients' => self::isStep($bare) ? [LineKind::Method, $later === [] || ! self::hasAmount($later[0]) || self::isStep($later[0]) ? 'method' : $mode] : [LineKind::Ingredient, $mode],
            'method' => [LineKind::Method, $mode],
            'notes' => [LineKind::Words, $mode],
            default => [self::isStep($bare) || self::isSentence($bare) && ! self::beginsWithAmount($bare) ? LineKind::Method : (mb_strlen($bare) > 110 ? LineKind::Method : LineKind::Ingredient), $mode],
        };
    }

    private static function isStep(string $bare): bool
    {
        $first = (string) preg_replace('/^(?:step\s*)?\d{1,2}[.):]\s+/iu', '', $bare);

        return preg_match(self::VERBS, mb_substr($first, 0, 24)) === 1 && mb_strlen($first) > 45 && ! self::beginsWithAmount($first)
            || $first !== $bare && ! self::beginsWithAmount($first) && preg_match(self::VERBS, $first) === 1
            || ! self::beginsWithAmount($first) && preg_match('/^(?:then|now|meanwhile|finally|next|once|when|after|while|pre-?heat|bake|roll|line|whisk|pour|mix|fry|chill)\b/iu', $first) === 1
            || mb_strlen($first) > 140;
    }

    private static function isSentence(string $bare): bool
    {
        return preg_match(self::VERBS, $bare) === 1 && preg_match('/[.!]$|[.!] |, then /u', $bare) === 1 || mb_strlen($bare) > 120;
    }

    private static function hasAmount(string $bare): bool
    {
        return preg_match('/\d|½|¼|¾|⅓|⅔/u', $bare) === 1;
    }

    private static function beginsWithAmount(string $bare): bool
    {
        return SpokenAmount::of(Tokens::of(mb_substr($bare, 0, 60)))->parts !== [] && preg_match('/^\d+[.)]\s+\p{Lu}/u', $bare) !== 1;
    }
}

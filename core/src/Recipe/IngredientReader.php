<?php

declare(strict_types=1);

namespace Hojaldre\Core\Recipe;

use Hojaldre\Core\Food\AmountParser;
use Hojaldre\Core\Food\EggSizes;
use Hojaldre\Core\Food\EggSizing;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\FoundName;
use Hojaldre\Core\Food\MayBeRaw;
use Hojaldre\Core\Food\NameKey;
use Hojaldre\Core\Food\Names;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Food\Role;
use Hojaldre\Core\Measure\CookUnits;
use Hojaldre\Core\Measure\Entry;
use Hojaldre\Core\Measure\EntryUnit;
use Hojaldre\Core\Measure\Spoken\SpokenAmount;
use Hojaldre\Core\Measure\Spoken\Tokens;
use Hojaldre\Core\Measure\Spoken\UnitWords;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Refusal\Refused;

/** Reads a line of ingredients, as cooks write them: "2 large leeks, washed and sliced (about 300 g)", "Butter, 30 g", "salt and pepper". */
final readonly class IngredientReader
{
    /** What may stand between two things, before an amount. */
    private const JOINS = '~(,\s+|\s+(?:and|plus|\+)\s+)(?=(?:about )?(?:\d|[½¼¾⅓⅔]|an? |half |two |three |four |five |six |pinch |some |plenty of ))~iu';

    /** Where no amount is told, g most likely, least and most, by role and by food (judgement). */
    private const UNTOLD = ['salt' => [3, 1.5, 6], 'sea-salt' => [3, 1.5, 6], 'black-pepper' => [0.5, 0.2, 1.2], 'nutmeg' => [0.3, 0.1, 0.8], 'bay-leaf' => [0.4, 0.2, 0.6], 'parmesan' => [25, 10, 50], 'egg' => [50, 44, 56]];

    private const UNTOLD_ROLES = ['seasoning' => [1, 0.3, 4], 'solid' => [60, 20, 150], 'dairy' => [50, 15, 150], 'liquid' => [50, 15, 150], 'binder' => [15, 5, 40], 'egg' => [50, 44, 56], 'dough' => [350, 250, 500]];

    private const UNTOLD_HERB = [6, 2, 15];

    private const UNTOLD_FAT = [10, 4, 25];

    /** In a list these say what a piece of raw flesh is for or what it is called, and not what was done to it: "pork roast", "stir-fry beef", "bake-at-home". */
    private const TO_DO = 'roast bake boil fry grill barbecue steam simmer stew poach braise casserole cook brown';

    /** Made things that carry a plain food's name. */
    private const MADE_OF_IT = '/\b(?:breaded|battered|crumbed|kievs?|fingers|goujons?|nuggets?|schnitzels?|tempura|scotch(?!\s+(?:bonnet|beef|lamb|salmon|pie))|popcorn chicken|meat[ -]+free|imitation|mock)\b/iu';

    /** Of plants, where the name found is of an animal's. A vegetarian cheese is of milk. */
    private const OF_PLANTS = '/\b(?:vegan|plant[ -]+based|dairy[ -]+free|egg[ -]+free)\b/iu';

    private const OF_NO_FLESH = '/\b(?:vegetarian|veggie)\b/iu';

    private const IN_A_DOUGH = '/\b(?:almonds?|hazelnuts?|walnuts?|pecans?|pistachios?|nuts?|sesame|mustard|rye|spelt|oats?|soya|lupin|seeded|seeds?|beer|parmesan|cheese|cheddar)\b/iu';

    private const COLD_SMOKED = '/\bcold[ -]+smoked\b/iu';

    /** None of these is believed on a line that says raw: "cooked-style beef, raw". */
    private const DONE = 'roasted baked boiled fried grilled barbecued steamed simmered stewed poached braised casseroled cooked precooked browned microwaved confit rendered crisp';

    public function __construct(private CookUnits $units, private EggSizing $eggs, private Names $names)
    {
    }

    /** @return list<NamedAmount> in the order they stand; none where no food was found */
    public function read(string $line): array
    {
        return array_merge(...array_map($this->one(...), $this->clauses(self::tidied($line))));
    }

    /**
     * Several things on one line: "4 eggs and 300 ml cream", "1 tsp salt, 1/4 tsp pepper". A new one begins where an amount does, if
     * there is a food on both sides; "2 leeks, about 300 g" and "3 eggs and a yolk" are one.
     *
     * @return non-empty-list<string>
     */
    private function clauses(string $line): array
    {
        $pieces = preg_split(self::JOINS, $line, -1, PREG_SPLIT_DELIM_CAPTURE);
        $clauses = [];
        $current = $pieces[0] ?? $line;
        for ($at = 1; $pieces !== false && isset($pieces[$at + 1]); $at += 2) {
            $next = $pieces[$at + 1];
            $isOpen = substr_count($current, '(') > substr_count($current, ')');
            $isPartOfAnEgg = preg_match('/\beggs?\b/iu', $current) === 1 && preg_match('/\b(?:yolks?|whites?)\b/iu', $next) === 1;
            if ($isOpen || $isPartOfAnEgg || $this->one($current) === [] || $this->one($next) === []) {
                $current .= $pieces[$at].$next;
            } else {
                $clauses[] = $current;
                $current = $next;
            }
        }

        return [...$clauses, $current];
    }

    /** @return list<NamedAmount> */
    private function one(string $line): array
    {
        $tokens = Tokens::of($line);
        $place = self::amountAt($tokens);
        $amount = SpokenAmount::of($tokens->from($place));
        $isFirst = $place === 0 || $amount->parts === [];
        $before = $tokens->before($amount->parts === [] ? $tokens->count() : $place);
        $comma = $amount->rest->find(',');
        $name = $amount->parts === [] || ! $isFirst ? $before : $amount->rest->before($comma);
        $found = $this->found($name, $amount);
        if ($found === [] && $isFirst) {
            [$name, $found] = [$amount->rest, $this->found($amount->rest, $amount)];
        }
        if ($found === []) {
            $found = $this->found($tokens, $amount);
        }

        // "all-butter puff pastry" is a pastry
        $doughs = array_values(array_filter($this->found($tokens, $amount), static fn (FoundName $one): bool => $one->food->role === Role::Dough));
        $found = $doughs === [] || preg_match('/\bfor (?:the )?(?:pastry|dough|crust)\b/iu', $line) === 1 ? $found : $doughs;

        if ($found !== [] && self::isAnotherFood($found[0], $tokens, $line)) {
            return [];
        }

        $named = $found === [] ? [] : $this->several($found, $amount, $name, $amount->rest);
        $tooMuch = array_filter($named, static fn (NamedAmount $one): bool => max($one->entry->span()->most, $one->entry->after->most ?? 0.0) > Amount::MOST_GRAMS);

        return $tooMuch === [] ? $named : [];
    }

    private static function tidied(string $line): string
    {
        $line = (string) preg_replace('/^\s*(?:[-*•·▢□☐–]|\d+[.)](?!\d))\s*/u', '', $line);
        $line = (string) preg_replace('/\b(?:heaping|heaped) (?=\d)/iu', '', $line);

        return trim((string) preg_replace('/\s+/u', ' ', $line));
    }

    /** The place where the amount begins: at the beginning, or behind the name ("Butter, 30 g"). */
    private static function amountAt(Tokens $tokens): int
    {
        for ($place = 0; $place < $tokens->count(); $place++) {
            $amount = SpokenAmount::of($tokens->from($place));
            if ($amount->parts !== [] && ($place === 0 || $tokens->at($place)?->number !== null || $amount->parts[0]->unit !== '' || ! in_array($tokens->text($place), ['a', 'an'], true))) {
                return $place;
            }
        }

        return 0;
    }

    /** @return list<FoundName> */
    private function found(Tokens $tokens, SpokenAmount $amount): array
    {
        $words = NameKey::words((string) preg_replace('/\b\d[\d.\/]*\b/', ' ', $tokens->words()));
        $unit = $amount->parts[0]->unit ?? '';
        $egg = ['egg' => 'egg', 'yolk' => 'egg-yolk', 'white' => 'egg-white', 'sausage' => 'sausage-meat'][$unit] ?? null;
        $found = $this->names->likely($words);
        if ($egg !== null && ($found === [] || $found[0]->food->role !== Role::Egg && $unit !== 'sausage')) {
            return [new FoundName(Pantry::food($egg), $unit, 0, 0)];
        }
        $isSpice = UnitWords::isLoose($unit) || in_array($unit, ['tsp', ''], true) && ($amount->parts === [] || $unit === 'tsp');

        return array_map(static fn (FoundName $one): FoundName => $isSpice && isset(Names::AS_A_SPICE[$one->key]) ? new FoundName(Pantry::food(Names::AS_A_SPICE[$one->key]), $one->key, $one->from, $one->count) : $one, $found);
    }

    /**
     * The first food has the amount. A second one counts where "and" joins them; behind "or", "with", "in" and "for" it is another way to say it.
     *
     * @param  non-empty-list<FoundName>  $found
     * @return list<NamedAmount>
     */
    private function several(array $found, SpokenAmount $amount, Tokens $name, Tokens $rest): array
    {
        $words = NameKey::words((string) preg_replace('/\b\d[\d.\/]*\b/', ' ', $name->words()));
        $named = [$this->weighed($found[0], $amount, $rest)];
        $amountless = $amount->parts === [] || $named[0]->food->role === Role::Seasoning;
        foreach (array_slice($found, 1) as $index => $one) {
            $between = array_slice($words, $found[$index]->from + $found[$index]->count, max(0, $one->from - $found[$index]->from - $found[$index]->count));
            if ($between !== ['and'] && ! ($between === [] && $amountless) || ! $amountless) {
                break;
            }
            $named[] = $this->weighed($one, SpokenAmount::of(Tokens::of('')), Tokens::of(''));
        }

        return $named;
    }

    private function weighed(FoundName $found, SpokenAmount $amount, Tokens $rest): NamedAmount
    {
        $food = EggSizes::apply($found->food, $this->eggs);
        $words = $food->isRaw() ? ' '.self::TO_DO.(self::saysRaw($rest->words()) ? ' '.self::DONE : '') : '';
        $outside = self::without($rest, $found->key.$words);
        try {
            $entry = $amount->parts === [] ? null : (new AmountParser($this->units))->weighed($amount, $food, $outside);
        } catch (Refused) {
            $entry = null;
        }

        return new NamedAmount($food, $entry ?? self::untold($food), $entry !== null, ! $found->isCorrected, Into::Layer);
    }

    /**
     * Words beside the name that make it another food than the one found, with other allergens or raw: "lobster tail, raw" is not the
     * cooked lobster of the pantry, "breaded chicken" is not chicken alone. Such a line waits until somebody says what it is.
     */
    private static function isAnotherFood(FoundName $found, Tokens $tokens, string $line): bool
    {
        $food = $found->food;
        $beside = self::without($tokens, $found->key)->words();
        $isRaw = self::saysRaw($beside) || preg_match(self::COLD_SMOKED, $line) === 1 && ! str_contains($found->key, 'cold');

        return preg_match(self::MADE_OF_IT, $beside) === 1
            || preg_match(self::OF_PLANTS, $beside) === 1 && in_array($food->role, [Role::Solid, Role::Dairy, Role::Egg, Role::Dough], true)
            || preg_match(self::OF_NO_FLESH, $beside) === 1 && $food->isFlesh()
            || $food->role === Role::Dough && preg_match(self::IN_A_DOUGH, $beside) === 1
            || $isRaw && self::isAnimal($food) && ! $food->isRaw();
    }

    private static function saysRaw(string $words): bool
    {
        // a cheese of raw milk is no raw cheese
        $words = (string) preg_replace('/\braw[ -]+milk\b/iu', '', $words);

        return MayBeRaw::saysRaw($words) || preg_match(self::COLD_SMOKED, $words) === 1;
    }

    /** Flesh and what is made of it, also with milk or soya in it; no nuts. */
    private static function isAnimal(Food $food): bool
    {
        return $food->role === Role::Solid && $food->per100g->protein > 10 && $food->per100g->fibre < 3;
    }

    /** The words without those of the name: "roasted red peppers" were bought like that. */
    private static function without(Tokens $rest, string $key): Tokens
    {
        $own = array_fill_keys(explode(' ', $key), true);

        return Tokens::of(implode(' ', array_map(static fn ($one): string => isset($own[NameKey::of($one->text)]) ? '' : $one->text, $rest->all)));
    }

    private static function untold(Food $food): Entry
    {
        [$grams, $least, $most] = self::UNTOLD[$food->id] ?? match (true) {
            $food->role === Role::Solid && $food->bulkGramsPerMl < 0.3 => self::UNTOLD_HERB,
            $food->role === Role::Solid && $food->per100g->fat > 75 => self::UNTOLD_FAT,
            default => self::UNTOLD_ROLES[$food->role->value],
        };

        return new Entry("$grams g", (float) $grams, EntryUnit::Grams, [], [], null, (float) $least, (float) $most);
    }
}

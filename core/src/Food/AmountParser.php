<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

use Hojaldre\Core\Measure\CookUnits;
use Hojaldre\Core\Measure\Entry;
use Hojaldre\Core\Measure\EntryUnit;
use Hojaldre\Core\Measure\Figures;
use Hojaldre\Core\Measure\OtherAmount;
use Hojaldre\Core\Measure\Span;
use Hojaldre\Core\Measure\Spoken\SpokenAmount;
use Hojaldre\Core\Measure\Spoken\SpokenPart;
use Hojaldre\Core\Measure\Spoken\Token;
use Hojaldre\Core\Measure\Spoken\Tokens;
use Hojaldre\Core\Measure\Spoken\UnitWords;
use Hojaldre\Core\Refusal\Refused;
use Hojaldre\Core\Statement\Statement;

/** How many grams a cook's words for an amount of one food come to, and how sure that is. */
final readonly class AmountParser
{
    /** A limit of ours (definition). */
    private const MOST_LETTERS = 80;

    /** A range narrower than this, against its value, is not told (judgement). */
    private const WORTH_TELLING = 0.25;

    /** Words beside an amount that change nothing (common practice, no source). */
    private const IDLE = [
        'of', 'the', 'and', 'a', 'an', 'in', 'with', 'fresh', 'freshly', 'good', 'quality', 'organic', 'free', 'range', 'ripe', 'raw', 'whole', 'plain', 'trimmed', 'peeled', 'washed', 'chopped',
        'sliced', 'diced', 'grated', 'crumbled', 'torn', 'shredded', 'minced', 'finely', 'roughly', 'coarsely', 'thinly', 'thickly', 'cut', 'halved', 'quartered', 'cubed', 'melted', 'soft', 'softened', 'cold', 'room', 'temperature',
        'beaten', 'lightly', 'picked', 'stripped', 'stoned', 'pitted', 'deseeded', 'seeded', 'skinned', 'boned', 'flaked', 'shelled', 'crushed', 'ground', 'powdered', 'mixed', 'assorted', 'leftover', 'weight', 'weighed', 'total', 'each',
        'altogether', 'to', 'taste', 'about', 'now', 'after', 'when', 'once', 'it', 'is', 'was', 'them', 'drained', 'large', 'small', 'medium', 'only', 'worth', 'loose', 'packed', 'loosely', 'tightly',
        'lean', 'thick', 'thin', 'strips', 'pieces', 'dice', 'chunks', 'slices', 'rings', 'matchsticks', 'full', 'fat', 'warm', 'hot', 'lukewarm', 'bought', 'as', 'usual', 'squeezed', 'well', 'very', 'still',
        'dry',
    ];

    public function __construct(private CookUnits $units)
    {
    }

    /**
     * "3 large + 1 yolk" of an egg is two foods: the yolk comes back beside the entry, as an amount of its own. "400 g squeezed" is a
     * weight after squeezing: the entry is what was bought for it, and the weight after stands beside it.
     *
     * @param  string  $preparation  what is already done to it, where a condition alone is told ("usual")
     *
     * @throws Refused words-too-long, number-missing, unit-missing, unit-unknown-for-food, words-not-understood, fraction-over-zero
     */
    public function read(string $words, Food $food, string $preparation = ''): Entry
    {
        $text = trim((string) preg_replace('/\s+/u', ' ', $words));
        if (mb_strlen($text) > self::MOST_LETTERS) {
            throw Refused::because('words-too-long', '', ['most' => self::MOST_LETTERS]);
        }
        $tokens = Tokens::of($text);
        [$before, $amount] = $this->found($tokens, $food);
        $comma = $amount->rest->find(',');
        $condition = Condition::in($before.' '.$amount->rest->before($comma)->words(), $food, $preparation);
        $remark = $amount->rest->from($comma + 1);
        $later = Condition::in($remark->words(), $food, $preparation);
        if ((new SpokenWeight($this->units, $food))->isDrained() && $condition?->preparation === 'drained') {
            $condition = null;
        }
        $this->understood($amount->rest->before($comma), $food);
        $this->noNumbers($remark);

        return $this->entry($text, $food, $amount, $condition, $later);
    }

    /**
     * An amount read already, in a sentence that has other words too: what is not understood there is the sentence's business.
     *
     * @param  Tokens  $rest  what stands behind the amount, without the food's name
     *
     * @throws Refused where this food does not come in such a measure
     */
    public function weighed(SpokenAmount $amount, Food $food, Tokens $rest): Entry
    {
        $comma = $rest->find(',');
        $text = mb_substr(implode(' + ', array_map(static fn (SpokenPart $part): string => $part->words, $amount->parts)), 0, self::MOST_LETTERS);

        $told = fn (Tokens $words): ?Condition => (new SpokenWeight($this->units, $food))->isDrained() && str_contains($words->words(), 'drained') ? null : Condition::in($words->words(), $food);

        return $this->entry($text, $food, $amount, $told($rest->before($comma)), $told($rest->from($comma + 1)));
    }

    /**
     * A weight after a step, told by what it is like and not by a scale: "usual", "squeezed hard", "down to half".
     *
     * @param  float  $boughtGrams  what it was before all steps
     *
     * @throws Refused as read
     */
    public function after(string $words, Food $food, float $boughtGrams, string $preparation): Entry
    {
        try {
            return $this->read($words, $food, $preparation);
        } catch (Refused $refused) {
            $condition = Condition::in($words, $food, $preparation);
            if ($condition === null || preg_match('/\d/', (string) preg_replace('~\d+/\d+~', '', $words)) === 1) {
                throw $refused;
            }
            $after = $condition->share->times($boughtGrams);

            return self::made(trim($words), $after, [new Statement('amount.condition', ['text' => trim($words), 'massGrams' => $after->value, 'leastGrams' => $after->least, 'mostGrams' => $after->most])], []);
        }
    }

    /**
     * The amount, wherever it stands, and the words before it.
     *
     * @return array{string, SpokenAmount}
     */
    private function found(Tokens $tokens, Food $food): array
    {
        for ($place = 0; $place <= $tokens->count(); $place++) {
            $amount = SpokenAmount::of($tokens->from($place));
            if ($amount->parts !== []) {
                $before = $tokens->before($place);
                $this->understood($before, $food);

                return [trim($before->words(), ' ,'), $amount];
            }
        }

        throw Refused::because('number-missing', '', ['allowed' => self::known($food)]);
    }

    private function entry(string $text, Food $food, SpokenAmount $amount, ?Condition $condition, ?Condition $later): Entry
    {
        [$own, $others] = $this->parted($amount, $food);
        [$grams, $how] = $this->sum($own, $food);
        foreach ($amount->others as $other) {
            $said = (new SpokenWeight($this->units, $food))->of($other);
            // of two ways to say it the surer one counts
            if ($said !== null && ($grams === null || $said[0]->doubt() < $grams->doubt())) {
                [$grams, $how] = $said;
            }
        }
        $grams ??= $others === [] ? throw Refused::because('unit-missing', '', ['number' => 1, 'allowed' => self::known($food)]) : Span::exactly(0.0);
        if ($food->role === Role::Egg && preg_match('/\bshells?\b/iu', $text) === 1) {
            $how = [new Statement('amount.in-shell', ['shellGrams' => $grams->value, 'eggGrams' => $grams->value * EggSizes::WITHOUT_SHELL])];
            $grams = $grams->times(EggSizes::WITHOUT_SHELL);
        }
        $words = $others === [] ? $text : ($own === [] ? '0 large' : self::said($own));
        $drained = $amount->drained === null ? null : (new SpokenWeight($this->units, $food))->of($amount->drained);
        if ($drained !== null) {
            return (new SpokenWeight($this->units, $food))->isDrained()
                ? self::made($words, $drained[0], $how, $others)
                : self::made($words, $grams, $how, $others, 'drained', Span::of(min($grams->value, $drained[0]->value), $drained[0]->least, $drained[0]->most));
        }
        if ($condition !== null && self::isWeighed($own)) {
            $bought = $grams->by(Span::of(1 / $condition->share->value, 1 / $condition->share->most, 1 / max(0.05, $condition->share->least)));

            return self::made($words, $bought, [...$how, new Statement('amount.after', ['text' => $condition->preparation, 'massGrams' => $grams->value, 'boughtGrams' => $bought->value])], $others, $condition->preparation, $grams);
        }
        $step = $later ?? $condition;

        return $step === null ? self::made($words, $grams, $how, $others) : self::made($words, $grams, $how, $others, $step->preparation, $grams->by($step->share));
    }

    /**
     * @param  list<Statement>  $how
     * @param  list<OtherAmount>  $others
     */
    private static function made(string $words, Span $grams, array $how, array $others, string $preparation = '', ?Span $after = null): Entry
    {
        $isTold = $grams->doubt() < self::WORTH_TELLING || array_filter($how, static fn (Statement $one): bool => isset($one->with['leastGrams'])) !== [];
        $how = $isTold ? $how : [...$how, new Statement('amount.range', ['leastGrams' => $grams->least, 'mostGrams' => $grams->most])];

        return new Entry($words, $grams->value, EntryUnit::Grams, $how, $others, null, $grams->least, $grams->most, $preparation, $after);
    }

    /**
     * Pieces and containers are told as bought, weights and cups as they are now.
     *
     * @param  list<SpokenPart>  $parts
     */
    private static function isWeighed(array $parts): bool
    {
        foreach ($parts as $part) {
            if ($part->each !== null || ! (UnitWords::isMass($part->unit) || UnitWords::isVolume($part->unit))) {
                return false;
            }
        }

        return $parts !== [];
    }

    /**
     * Parts of the food itself, and yolks and whites beside an egg.
     *
     * @return array{list<SpokenPart>, list<OtherAmount>}
     */
    private function parted(SpokenAmount $amount, Food $food): array
    {
        $own = $others = [];
        foreach ($amount->parts as $part) {
            $other = self::partOfAnEgg($part->unit, $food);
            if ($other === null) {
                $own[] = $part;

                continue;
            }
            $weight = (new SpokenWeight($this->units, $other))->of(new SpokenPart($part->number, '', $part->size));
            if ($weight !== null) {
                $others[] = new OtherAmount($other->id, trim(Figures::number($part->number->value, 2).' '.($part->size === '' ? 'large' : $part->size)), $weight[0]->value, $weight[0]->least, $weight[0]->most);
            }
        }

        return [$own, $others];
    }

    /**
     * @param  list<SpokenPart>  $parts
     * @return array{Span|null, list<Statement>}
     */
    private function sum(array $parts, Food $food): array
    {
        $sum = null;
        $how = [];
        foreach ($parts as $part) {
            $weight = (new SpokenWeight($this->units, $food))->of($part) ?? throw in_array($part->unit, ['', 'egg'], true)
                ? Refused::because('unit-missing', '', ['number' => $part->number->value, 'allowed' => self::known($food)])
                : Refused::because('unit-unknown-for-food', '', ['unit' => trim((string) preg_replace('/^[\d.,\/\s]+/', '', $part->words)), 'food' => $food->name, 'allowed' => self::known($food)]);
            $sum = $sum === null ? $weight[0] : $sum->plus($weight[0]);
            $how = [...$how, ...$weight[1]];
        }

        return [$sum, $how];
    }

    private static function partOfAnEgg(string $unit, Food $food): ?Food
    {
        $id = $food->id !== 'egg' ? null : match ($unit) {
            'yolk' => 'egg-yolk',
            'white' => 'egg-white',
            default => null,
        };

        // as large as the eggs it stands beside
        return $id === null ? null : Pantry::food($id)->withPieces(array_map(
            static fn (float $grams): float => round($grams * ($id === 'egg-yolk' ? 0.34 : 0.66), 1), $food->pieces,
        ));
    }

    /** Every word beside the amount means something here: nothing is passed over in silence. */
    private function understood(Tokens $tokens, Food $food): void
    {
        $words = NameKey::words(implode(' ', array_map(static fn (Token $one): string => $one->number === null && preg_match('/[\p{L}\p{N}]/u', $one->text) !== 1 ? ' ' : $one->text, $tokens->all)));
        $own = array_fill_keys(array_merge(NameKey::words($food->name), ...array_map(NameKey::words(...), [...Pantry::names($food->id), ...array_column(Pantry::preparations($food->id), 'name')])), true);
        foreach ($words as $word) {
            if ($food->role === Role::Egg && in_array($word, ['shell', 'in'], true)) {
                continue;
            }
            if ($word !== '' && ! isset($own[$word]) && ! in_array($word, self::IDLE, true) && ! Condition::isWord($word)) {
                throw Refused::because('words-not-understood', '', ['text' => $word, 'food' => $food->name, 'allowed' => self::known($food)]);
            }
        }
    }

    private function noNumbers(Tokens $remark): void
    {
        foreach ($remark->all as $place => $token) {
            // "cut into 2 cm dice" says how, not how much
            if ($token->number !== null && preg_match('/^(g|kg|oz|lb)$/', $remark->text($place + 1)) === 1) {
                throw Refused::because('words-not-understood', '', ['text' => $remark->words(), 'food' => '', 'allowed' => ['g']]);
            }
        }
    }

    /** @param  list<SpokenPart>  $parts */
    private static function said(array $parts): string
    {
        return implode(' + ', array_map(static fn (SpokenPart $part): string => $part->words, $parts));
    }

    /** @return list<string> */
    private static function known(Food $food): array
    {
        return ['g', 'oz', 'lb', 'ml', 'cups', 'tbsp', 'tsp', ...array_diff(array_keys($food->pieces), ['cup'])];
    }
}

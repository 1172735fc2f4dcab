<?php

declare(strict_types=1);

namespace Hojaldre\Core\Measure;

use Hojaldre\Core\Measure\Spoken\SpokenNumber;
use Hojaldre\Core\Measure\Spoken\Tokens;
use Hojaldre\Core\Refusal\Refused;
use Hojaldre\Core\Statement\Statement;

/** Reads lengths, volumes and times as cooks say them: "24 cm", "quarter inch", "a coin", "1 h 10", "an hour and a quarter", "15 + 5". */
final readonly class QuantityParser
{
    /** A limit of ours (definition). */
    private const MOST_LETTERS = 80;

    private const MM = ['mm' => 1.0, 'millimetre' => 1.0, 'millimetres' => 1.0, 'millimeter' => 1.0, 'millimeters' => 1.0, 'mil' => 1.0, 'cm' => 10.0, 'cms' => 10.0, 'centimetre' => 10.0, 'centimetres' => 10.0, 'centimeter' => 10.0, 'centimeters' => 10.0, 'in' => 25.4, 'ins' => 25.4, 'inch' => 25.4, 'inches' => 25.4, '"' => 25.4, '″' => 25.4];

    /** As thick as things at hand, mm: most likely, least, most (judgement; a coin is 1.7 to 2.8). */
    private const AS_THICK_AS = ['coin' => [2.2, 1.7, 2.8], 'pencil' => [7.0, 6.0, 8.0], 'card' => [0.8, 0.5, 1.0], 'matchstick' => [2.0, 1.8, 2.5], 'finger' => [15.0, 12.0, 18.0], 'thumb' => [20.0, 17.0, 23.0], 'paper' => [0.2, 0.1, 0.5]];

    private const MINUTES = ['h' => 60.0, 'hr' => 60.0, 'hrs' => 60.0, 'hour' => 60.0, 'hours' => 60.0, 'min' => 1.0, 'mins' => 1.0, 'minute' => 1.0, 'minutes' => 1.0, 'm' => 1.0, "'" => 1.0, 's' => 1 / 60, 'sec' => 1 / 60, 'secs' => 1 / 60, 'second' => 1 / 60, 'seconds' => 1 / 60];

    /** Words beside a length or a time that change nothing (common practice, no source). */
    private const IDLE = ['of', 'the', 'a', 'an', 'and', 'thick', 'thickness', 'wide', 'across', 'deep', 'diameter', 'in', 'round', 'as', 'long', 'for', 'until', 'or', 'golden', 'thin', 'roughly', 'tin', 'dish', 'pan', 'more', 'then', 'about', 'pound', 'set', 'brown', 'bake', 'total', 'to', 'rim', 'water'];

    /** @throws Refused unit-missing, unit-unknown, number-missing, words-not-understood, number-not-understood */
    public static function length(string $words, ?LikelyLength $likely = null): Entry
    {
        $text = self::tidied($words);
        foreach (self::AS_THICK_AS as $thing => $mm) {
            if (preg_match("/\\b$thing\\b/iu", $text) === 1 && preg_match('/\d/', $text) !== 1) {
                return self::told($text, Span::of(...$mm), EntryUnit::Millimetres, 'entry.length', 'lengthMm');
            }
        }
        $sum = self::sum($text, self::MM, ['mm', 'cm', 'in'], static fn (float $number, int $index): ?float => $likely?->mmEach($number));

        return self::told($text, $sum, EntryUnit::Millimetres, 'entry.length', 'lengthMm');
    }

    /** @throws Refused as length */
    public static function minutes(string $words): Entry
    {
        $text = self::tidied($words);
        if (preg_match('/^(\d{1,2}):([0-5]\d)$/', $text, $m) === 1) {
            return self::told($text, Span::exactly((int) $m[1] * 60 + (int) $m[2]), EntryUnit::Minutes, 'entry.time', 'exactMinutes');
        }
        $sum = self::sum($text, self::MINUTES, ['min', 'h'], static fn (float $number, int $index): float => 1.0);

        return self::told($text, $sum, EntryUnit::Minutes, 'entry.time', 'exactMinutes');
    }

    /** @throws Refused as length */
    public static function volume(string $words, CookUnits $units): Entry
    {
        $text = self::tidied($words);
        $ml = [];
        foreach (Spoken\UnitWords::VOLUME as $word => $unit) {
            $one = Volume::called($unit, 1.0, $units);
            $ml += $one === null ? [] : [$word => $one->millilitres];
        }
        $sum = self::sum($text, $ml, ['ml', 'l', 'cups'], static fn (float $number, int $index): ?float => $number >= 100 ? 1.0 : null);

        return self::told($text, $sum, EntryUnit::Millilitres, 'entry.volume', 'volumeMl');
    }

    /**
     * A weight of no food in particular, from a scale: "497", "1.2 kg", "1 lb 2 oz". Grams where nothing is said.
     *
     * @throws Refused as length
     */
    public static function weight(string $words): Entry
    {
        $text = self::tidied($words);
        $grams = array_map(static fn (string $unit): float => match ($unit) {
            'kg' => 1000.0,
            'mg' => 0.001,
            'oz' => Mass::GRAMS_PER_OUNCE,
            'lb' => Mass::GRAMS_PER_POUND,
            default => 1.0,
        }, Spoken\UnitWords::MASS);
        $sum = self::sum($text, $grams, ['g', 'kg', 'oz', 'lb'], static fn (float $number, int $index): float => 1.0);

        return self::told($text, $sum, EntryUnit::Grams, 'entry.weight', 'weightGrams');
    }

    private static function told(string $text, Span $span, EntryUnit $unit, string $code, string $quantity): Entry
    {
        return new Entry($text, $span->value, $unit, [new Statement($code, ['text' => $text, $quantity => $span->value])], [], null, $span->least, $span->most);
    }

    private static function tidied(string $words): string
    {
        $text = trim((string) preg_replace('/\s+/u', ' ', $words));
        if (mb_strlen($text) > self::MOST_LETTERS) {
            throw Refused::because('words-too-long', '', ['most' => self::MOST_LETTERS]);
        }
        if (preg_match('/^[-−]/u', $text) === 1) {
            throw Refused::because('number-not-understood', '', ['text' => $text]);
        }

        return $text;
    }

    /**
     * Numbers with their units, added up. "2 mm to 3 mm" is a range; "an hour and a quarter" has the unit before its part.
     *
     * @param  array<string, float>  $units
     * @param  list<string>  $allowed
     * @param  callable(float, int): ?float  $bare  what one is where no unit was said, by the number and how many were read before
     */
    private static function sum(string $text, array $units, array $allowed, callable $bare): Span
    {
        $tokens = Tokens::of($text);
        $sum = $last = null;
        $count = 0;
        for ($place = 0; $place < $tokens->count();) {
            $number = SpokenNumber::at($tokens, $place);
            if ($number === null || ($tokens->text($place) === 'a' && ! isset($units[$tokens->text($number->next)]) && $number->next === $place + 1)) {
                self::idle($tokens, $place, $allowed);
                $place++;

                continue;
            }
            $at = $number->next + ($tokens->text($number->next) === '-' ? 1 : 0);
            $each = $units[$tokens->text($at)] ?? null;
            $isPart = $each === null && $last !== null && $number->span->value < 1 && $sum !== null;
            if ($each === null && ! $isPart) {
                $word = $tokens->at($at);
                if ($word !== null && $word->isWord() && ! in_array($word->text, self::IDLE, true) && ! in_array($word->text, ['plus'], true)) {
                    throw Refused::because('unit-unknown', '', ['unit' => $word->text, 'allowed' => $allowed]);
                }
            }
            $each ??= $isPart ? $last : $bare($number->span->value, $count);
            if ($each === null) {
                throw Refused::because('unit-missing', '', ['number' => $number->span->value, 'allowed' => $allowed]);
            }
            $one = $number->span->times($each);
            $isTo = $sum !== null && in_array($tokens->text($place - 1), ['-', 'to'], true);
            $sum = $sum === null ? $one : ($isTo ? Span::between($sum->least, $one->most) : $sum->plus($one));
            $last = $each;
            $count++;
            $place = isset($units[$tokens->text($at)]) ? $at + 1 : $number->next;
        }

        return $sum ?? throw Refused::because('number-missing', '', ['allowed' => $allowed]);
    }

    /** @param  list<string>  $allowed */
    private static function idle(Tokens $tokens, int $place, array $allowed): void
    {
        $token = $tokens->at($place);
        if ($token !== null && $token->isWord() && ! in_array($token->text, [...self::IDLE, 'plus'], true)) {
            throw Refused::because(preg_match('/\d/', $tokens->words()) === 1 ? 'words-not-understood' : 'number-missing', '', ['text' => $token->raw, 'food' => '', 'allowed' => $allowed]);
        }
    }
}

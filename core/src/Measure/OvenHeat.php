<?php

declare(strict_types=1);

namespace Hojaldre\Core\Measure;

use Hojaldre\Core\Measure\Spoken\SpokenNumber;
use Hojaldre\Core\Measure\Spoken\Tokens;
use Hojaldre\Core\Refusal\Refused;
use Hojaldre\Core\Statement\Statement;

/** Reads what an oven is set to, as cooks say it: "175 °C", "180 fan", "gas 6", "375", "a moderate oven", "200C/180C fan/gas 6". */
final readonly class OvenHeat
{
    /** Fan = static less 20 °C (common practice, no source). */
    public const FAN_KELVINS = 20.0;

    /** Bare numbers: no oven of pies is colder or hotter than this in °C, and none of these numbers is meant as another scale (judgement). */
    private const CELSIUS = [90.0, 265.0];

    private const FAHRENHEIT = [290.0, 550.0];

    private const MOST_GAS_MARK = 10.0;

    /** °C most likely, least and most (common practice, no source: the table on the back of cookery books). The longest names first. */
    private const WORDS = [
        'very slow' => [125.0, 110.0, 140.0], 'very cool' => [110.0, 100.0, 130.0], 'very low' => [120.0, 110.0, 140.0], 'moderately slow' => [165.0, 155.0, 170.0], 'moderately hot' => [195.0, 185.0, 205.0], 'very hot' => [230.0, 220.0, 245.0], 'fairly hot' => [200.0, 190.0, 210.0], 'quite hot' => [200.0, 190.0, 210.0],
        'medium hot' => [195.0, 185.0, 205.0], 'slow' => [150.0, 140.0, 160.0], 'low' => [150.0, 130.0, 160.0], 'cool' => [140.0, 125.0, 150.0], 'warm' => [165.0, 150.0, 170.0], 'moderate' => [180.0, 175.0, 190.0], 'medium' => [180.0, 170.0, 190.0], 'hot' => [215.0, 200.0, 225.0],
    ];

    private const IDLE = ['oven', 'a', 'an', 'the', 'in', 'at', 'to', 'preheat', 'preheated', 'set', 'about', 'or', 'for', 'mark', 'with', 'and', 'on', 'bake'];

    private const FAN = ['fan', 'convection', 'fan-forced', 'forced', 'fan-assisted', 'assisted'];

    private const STATIC = ['static', 'conventional', 'conv', 'top', 'bottom'];

    /** @throws Refused number-missing, unit-missing, unit-unknown, words-not-understood, number-not-understood */
    public static function read(string $words, TemperatureScale $usual = TemperatureScale::Celsius): Entry
    {
        $text = trim((string) preg_replace('/\s+/u', ' ', $words));
        if (preg_match('/^[-−]/u', $text) === 1 || mb_strlen($text) > 80) {
            throw Refused::because('number-not-understood', '', ['text' => $text]);
        }
        $said = self::said(Tokens::of($text), $usual);
        if ($said === []) {
            return self::byWord($text);
        }
        // told in several ways ("200C/180C fan/gas 6"): the one without a fan counts
        usort($said, static fn (array $a, array $b): int => ($a[2] === true ? 1 : 0) <=> ($b[2] === true ? 1 : 0));
        $hasBoth = count(array_filter($said, static fn (array $one): bool => $one[2] === true)) > 0 && count($said) > 1;
        [$span, $how, $isFan] = $said[0];
        $isFan = $hasBoth ? false : $isFan;
        $how = [...$how, ...($isFan === null ? [] : [new Statement($isFan ? 'entry.about-static' : 'entry.about-fan', ['exactCelsius' => $span->value + ($isFan ? self::FAN_KELVINS : -self::FAN_KELVINS)])])];

        return new Entry($text, $span->value, EntryUnit::Celsius, $how, [], $isFan, $span->least, $span->most);
    }

    private static function byWord(string $text): Entry
    {
        foreach (self::WORDS as $word => $celsius) {
            if (preg_match('/\b'.$word.'\b/iu', $text) === 1) {
                $left = preg_split('/[^\p{L}]+/u', mb_strtolower((string) preg_replace('/\b'.$word.'\b/iu', '', $text)), -1, PREG_SPLIT_NO_EMPTY);
                foreach ($left === false ? [] : $left as $other) {
                    if (! in_array($other, [...self::IDLE, ...self::FAN, ...self::STATIC], true)) {
                        throw Refused::because('words-not-understood', '', ['text' => $other, 'food' => '', 'allowed' => ['°C', '°F', 'gas']]);
                    }
                }

                return new Entry($text, $celsius[0], EntryUnit::Celsius, [new Statement('entry.temperature', ['text' => $text, 'exactCelsius' => $celsius[0]])], [], preg_match('/\bfan\b/iu', $text) === 1 ? true : null, $celsius[1], $celsius[2]);
            }
        }

        throw Refused::because('number-missing', '', ['allowed' => ['°C', '°F', 'gas']]);
    }

    /** @return list<array{Span, list<Statement>, bool|null}> each way in which it was told */
    private static function said(Tokens $tokens, TemperatureScale $usual): array
    {
        $said = [];
        $gas = false;
        $fanBefore = null;
        for ($place = 0; $place < $tokens->count();) {
            $word = $tokens->text($place);
            $number = preg_match('/^\p{L}/u', $word) === 1 && ! in_array($word, ['a'], true) || $word === 'a' ? null : SpokenNumber::at($tokens, $place);
            if ($number === null) {
                $gas = $gas || in_array($word, ['gas', 'mark'], true);
                $isFan = in_array($word, self::FAN, true) ? true : (in_array($word, self::STATIC, true) ? false : null);
                $next = $tokens->text($place + 1) === 'oven' ? $place + 2 : $place + 1;
                if ($isFan !== null && $said !== [] && $tokens->at($next)?->number === null) {
                    [$span, $how] = array_pop($said);
                    $said[] = [$span, $how, $isFan];
                } elseif ($isFan !== null) {
                    $fanBefore = $isFan;
                } elseif ($tokens->at($place)?->isWord() === true && ! in_array($word, [...self::IDLE, 'gas', 'plus', 'gm'], true) && ! isset(self::WORDS[$word]) && ! in_array($word, ['very', 'fairly', 'quite', 'moderately'], true)) {
                    throw Refused::because('words-not-understood', '', ['text' => $word, 'food' => '', 'allowed' => ['°C', '°F', 'gas']]);
                }
                $place++;

                continue;
            }
            [$scale, $next] = self::scale($tokens, $number->next, $gas, $number->span->value, $usual);
            $said[] = [...self::celsius($number->span, $scale), $fanBefore];
            $gas = false;
            $fanBefore = null;
            $place = $next;
        }

        return $said;
    }

    /** @return array{TemperatureScale, int} */
    private static function scale(Tokens $tokens, int $place, bool $isGas, float $number, TemperatureScale $usual): array
    {
        if ($isGas) {
            return [TemperatureScale::GasMark, $place];
        }
        $at = $place;
        while (in_array($tokens->text($at), ['°', 'deg', 'degs', 'degree', 'degrees', '-'], true)) {
            $at++;
        }
        $scale = match ($tokens->text($at)) {
            'c', 'celsius', 'centigrade' => TemperatureScale::Celsius,
            'f', 'fahrenheit' => TemperatureScale::Fahrenheit,
            'gas', 'gm' => TemperatureScale::GasMark,
            default => null,
        };
        if ($scale !== null) {
            return [$scale, $at + 1];
        }
        $word = $tokens->at($at);
        if ($word !== null && $word->isWord() && ! in_array($word->text, [...self::IDLE, ...self::FAN, ...self::STATIC, 'plus'], true)) {
            throw Refused::because('unit-unknown', '', ['unit' => $word->text, 'allowed' => ['°C', '°F', 'gas']]);
        }

        return [self::bare($number, $usual), $at];
    }

    private static function bare(float $number, TemperatureScale $usual): TemperatureScale
    {
        return match (true) {
            $number <= self::MOST_GAS_MARK && $number >= 0.25 => TemperatureScale::GasMark,
            $usual === TemperatureScale::Fahrenheit && $number >= 200 && $number <= self::FAHRENHEIT[1] => TemperatureScale::Fahrenheit,
            $number >= self::CELSIUS[0] && $number <= self::CELSIUS[1] => TemperatureScale::Celsius,
            $number >= self::FAHRENHEIT[0] && $number <= self::FAHRENHEIT[1] => TemperatureScale::Fahrenheit,
            default => throw Refused::because('unit-missing', '', ['number' => $number, 'allowed' => ['°C', '°F', 'gas']]),
        };
    }

    /** @return array{Span, list<Statement>} */
    private static function celsius(Span $span, TemperatureScale $scale): array
    {
        if ($scale === TemperatureScale::GasMark && $span->most > self::MOST_GAS_MARK) {
            throw Refused::because('no-such-gas-mark', '', ['number' => $span->most]);
        }
        $one = static fn (float $number): float => match ($scale) {
            TemperatureScale::Celsius => $number,
            TemperatureScale::Fahrenheit => Temperature::fahrenheit($number)->celsius,
            TemperatureScale::GasMark => Temperature::gasMark($number)->celsius,
        };
        $how = $scale === TemperatureScale::GasMark
            ? new Statement('entry.gas-mark', ['number' => $span->value, 'exactCelsius' => $one($span->value)])
            : new Statement('entry.temperature', ['text' => Figures::number($span->value, 1).($scale === TemperatureScale::Celsius ? ' °C' : ' °F'), 'exactCelsius' => $one($span->value)]);

        return [Span::of($one($span->value), $one($span->least), $one($span->most)), [$how]];
    }
}

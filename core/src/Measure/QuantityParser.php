<?php

declare(strict_types=1);

namespace Hojaldre\Core\Measure;

use Hojaldre\Core\Refusal\Refused;
use Hojaldre\Core\Statement\Statement;

/** Reads lengths, volumes, temperatures and times as cooks write them: "24 cm", "9 1/2 in", "350 °F", "1 h 10 min". */
final readonly class QuantityParser
{
    /** Fan = static less 20 °C (common practice, no source). */
    public const FAN_KELVINS = 20.0;

    /** @throws Refused unit-missing, unit-unknown and those of QuantityText */
    public static function length(string $words): Entry
    {
        $read = QuantityText::read($words);
        $mm = 0.0;
        foreach ($read->parts as $part) {
            $mm += match (self::firstWord($part['unit'])) {
                'mm', 'millimetre', 'millimetres' => $part['number'],
                'cm', 'centimetre', 'centimetres' => Length::centimetres($part['number'])->mm,
                'in', 'inch', 'inches', '"', '″' => Length::inches($part['number'])->mm,
                default => throw self::unit($part, ['mm', 'cm', 'in']),
            };
        }

        return new Entry($read->text, $mm, EntryUnit::Millimetres, [new Statement('entry.length', ['text' => $read->text, 'lengthMm' => $mm])]);
    }

    /** @throws Refused unit-missing, unit-unknown and those of QuantityText */
    public static function volume(string $words, CookUnits $units): Entry
    {
        $read = QuantityText::read($words);
        $ml = 0.0;
        foreach ($read->parts as $part) {
            $volume = Volume::called($part['unit'], $part['number'], $units) ?? throw self::unit($part, ['ml', 'l', 'cups']);
            $ml += $volume->millilitres;
        }

        return new Entry($read->text, $ml, EntryUnit::Millilitres, [new Statement('entry.volume', ['text' => $read->text, 'volumeMl' => $ml])]);
    }

    /** @throws Refused unit-missing, unit-unknown and those of QuantityText */
    public static function temperature(string $words): Entry
    {
        if (preg_match('/\b(fan|static)\b/iu', $words, $m) === 1) {
            $plain = self::temperature(trim((string) preg_replace('/\s*\b(?:fan|static)\b\s*/iu', ' ', $words)));
            $isFan = mb_strtolower($m[1]) === 'fan';
            $otherCelsius = $plain->value + ($isFan ? self::FAN_KELVINS : -self::FAN_KELVINS);

            return new Entry(trim($words), $plain->value, EntryUnit::Celsius, [...$plain->how, new Statement($isFan ? 'entry.about-static' : 'entry.about-fan', ['exactCelsius' => $otherCelsius])], [], $isFan);
        }
        if (preg_match('/^\s*(?:gas\s*mark|gas|mark)\s*(.+)$/iu', $words, $m) === 1) {
            $mark = QuantityText::read($m[1])->parts[0]['number'];
            $celsius = Temperature::gasMark($mark)->celsius;

            return new Entry(trim($words), $celsius, EntryUnit::Celsius, [new Statement('entry.gas-mark', ['number' => $mark, 'exactCelsius' => $celsius])]);
        }
        $read = QuantityText::read($words);
        $part = $read->parts[0];
        $celsius = match (trim(str_replace(['°', 'º', 'deg', 'degrees'], '', self::firstWord($part['unit'])))) {
            'c', 'celsius' => $part['number'],
            'f', 'fahrenheit' => Temperature::fahrenheit($part['number'])->celsius,
            default => throw self::unit($part, ['°C', '°F', 'gas']),
        };

        return new Entry($read->text, $celsius, EntryUnit::Celsius, [new Statement('entry.temperature', ['text' => $read->text, 'exactCelsius' => $celsius])]);
    }

    /**
     * A bare last number after hours is minutes ("1 h 10").
     *
     * @throws Refused unit-missing, unit-unknown and those of QuantityText
     */
    public static function minutes(string $words): Entry
    {
        $read = QuantityText::read($words);
        $minutes = 0.0;
        foreach ($read->parts as $index => $part) {
            $minutes += match (self::firstWord($part['unit'])) {
                'h', 'hr', 'hour', 'hours' => $part['number'] * 60,
                'min', 'mins', 'minute', 'minutes', 'm' => $part['number'],
                's', 'sec', 'second', 'seconds' => $part['number'] / 60,
                default => $part['unit'] === '' && $index > 0 ? $part['number'] : throw self::unit($part, ['min', 'h']),
            };
        }

        return new Entry($read->text, $minutes, EntryUnit::Minutes, [new Statement('entry.time', ['text' => $read->text, 'exactMinutes' => $minutes])]);
    }

    private static function firstWord(string $unit): string
    {
        return trim(explode(' ', $unit)[0], '.');
    }

    /**
     * @param  array{number: float, unit: string}  $part
     * @param  list<string>  $allowed
     */
    private static function unit(array $part, array $allowed): Refused
    {
        return $part['unit'] === ''
            ? Refused::because('unit-missing', '', ['number' => $part['number'], 'allowed' => $allowed])
            : Refused::because('unit-unknown', '', ['unit' => $part['unit'], 'allowed' => $allowed]);
    }
}

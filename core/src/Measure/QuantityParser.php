<?php

declare(strict_types=1);

namespace Hojaldre\Core\Measure;

use Hojaldre\Core\Refusal\Refused;

/** Reads lengths, temperatures and times as cooks write them: "24 cm", "9 1/2 in", "350 °F", "1 h 10 min". */
final readonly class QuantityParser
{
    /** Fan = static less 20 °C (common practice, no source). */
    private const FAN_KELVINS = 20.0;

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
                default => throw self::unit($part, 'mm, cm or in'),
            };
        }

        return new Entry($read->text, $mm, 'mm', sprintf('%s = %s mm', $read->text, Figures::number($mm, 1)));
    }

    /** @throws Refused unit-missing, unit-unknown and those of QuantityText */
    public static function volume(string $words, CookUnits $units): Entry
    {
        $read = QuantityText::read($words);
        $ml = 0.0;
        foreach ($read->parts as $part) {
            $volume = Volume::called($part['unit'], $part['number'], $units) ?? throw self::unit($part, 'ml, l or cups');
            $ml += $volume->millilitres;
        }

        return new Entry($read->text, $ml, 'ml', sprintf('%s = %s ml', $read->text, Figures::number($ml)));
    }

    /** @throws Refused unit-missing, unit-unknown and those of QuantityText */
    public static function temperature(string $words): Entry
    {
        if (preg_match('/\b(fan|static)\b/iu', $words, $m) === 1) {
            $plain = self::temperature(trim((string) preg_replace('/\s*\b(?:fan|static)\b\s*/iu', ' ', $words)));
            $mode = mb_strtolower($m[1]);
            $other = $plain->value + ($mode === 'fan' ? self::FAN_KELVINS : -self::FAN_KELVINS);

            return new Entry(trim($words), $plain->value, '°C', sprintf('%s; about %s °C %s', $plain->said, Figures::number($other), $mode === 'fan' ? 'static' : 'fan'), [], $mode);
        }
        if (preg_match('/^\s*(?:gas\s*mark|gas|mark)\s*(.+)$/iu', $words, $m) === 1) {
            $read = QuantityText::read($m[1]);
            $celsius = Temperature::gasMark($read->parts[0]['number'])->celsius;

            return new Entry(trim($words), $celsius, '°C', sprintf('gas mark %s = %s °C', Figures::number($read->parts[0]['number'], 2), Figures::number($celsius)));
        }
        $read = QuantityText::read($words);
        $part = $read->parts[0];
        $celsius = match (trim(str_replace(['°', 'º', 'deg', 'degrees'], '', self::firstWord($part['unit'])))) {
            'c', 'celsius' => $part['number'],
            'f', 'fahrenheit' => Temperature::fahrenheit($part['number'])->celsius,
            default => throw self::unit($part, '°C or °F, or begin with "gas"'),
        };

        return new Entry($read->text, $celsius, '°C', sprintf('%s = %s °C', $read->text, Figures::number($celsius)));
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
                default => $part['unit'] === '' && $index > 0 ? $part['number'] : throw self::unit($part, 'min or h'),
            };
        }

        return new Entry($read->text, $minutes, 'min', sprintf('%s = %s min', $read->text, Figures::number($minutes, 1)));
    }

    private static function firstWord(string $unit): string
    {
        return trim(explode(' ', $unit)[0], '.');
    }

    /** @param  array{number: float, unit: string}  $part */
    private static function unit(array $part, string $allowed): Refused
    {
        return $part['unit'] === ''
            ? Refused::because('unit-missing', '', sprintf('%s what? Add %s.', Figures::number($part['number'], 2), $allowed))
            : Refused::because('unit-unknown', '', sprintf('"%s" is not a unit known here. Write %s.', $part['unit'], $allowed));
    }
}

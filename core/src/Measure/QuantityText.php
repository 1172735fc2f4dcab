<?php

declare(strict_types=1);

namespace Hojaldre\Core\Measure;

use Hojaldre\Core\Refusal\Refused;

/**
 * Reads what a cook writes into numbers with unit words: "1 1/2 cups", "2 lb 4 oz", "3 large eggs", "½ tsp", "1 h 10".
 * It knows how numbers are written, not what the unit words mean.
 */
final readonly class QuantityText
{
    private const FRACTIONS = ['½' => '1/2', '¼' => '1/4', '¾' => '3/4', '⅓' => '1/3', '⅔' => '2/3', '⅛' => '1/8'];

    /** A limit of ours (definition). */
    private const MOST_LETTERS = 80;

    private const NUMBER = '(?:\d+\s+\d+\s*/\s*\d+|\d+\s*/\s*\d+|\d+(?:[.,]\d+)?)';

    /** @param  non-empty-list<array{number: float, unit: string}>  $parts */
    private function __construct(public string $text, public array $parts)
    {
    }

    /**
     * @throws Refused number-missing, words-too-long, number-not-understood, fraction-over-zero
     */
    public static function read(string $words): self
    {
        $text = trim((string) preg_replace('/\s+/u', ' ', $words));
        if (mb_strlen($text) > self::MOST_LETTERS) {
            throw Refused::because('words-too-long', '', ['most' => self::MOST_LETTERS]);
        }
        $plain = self::plain($text);
        $found = preg_match_all('~('.self::NUMBER.')\s*([^\d/,+]*)~u', $plain, $matches, PREG_SET_ORDER);
        if ($found === false || $found === 0) {
            throw Refused::because('number-missing');
        }
        if (preg_match('~^\s*'.self::NUMBER.'~u', $plain) !== 1) {
            throw Refused::because('number-not-understood', '', ['text' => $text]);
        }
        $parts = array_map(static fn (array $match): array => [
            'number' => self::number($match[1]),
            'unit' => self::unitWord($match[2]),
        ], $matches);

        return new self($text, $parts);
    }

    private static function plain(string $text): string
    {
        foreach (self::FRACTIONS as $sign => $fraction) {
            $text = str_replace($sign, ' '.$fraction, $text);
        }
        // a comma followed by words starts a remark ("450 g, trimmed"); between digits it is a decimal comma
        $text = (string) preg_replace('/,(?!\d).*$/u', '', $text);

        return trim((string) preg_replace('/\s+/u', ' ', mb_strtolower($text)));
    }

    private static function number(string $written): float
    {
        $written = str_replace(',', '.', $written);
        if (preg_match('~^(?:(\d+)\s+)?(\d+)\s*/\s*(\d+)$~', $written, $m) === 1) {
            if ((int) $m[3] === 0) {
                throw Refused::because('fraction-over-zero');
            }

            return (float) $m[1] + (float) $m[2] / (float) $m[3];
        }

        return (float) $written;
    }

    private static function unitWord(string $rest): string
    {
        $rest = trim((string) preg_replace('/\b(and|plus|of)\b/u', ' ', $rest));

        return trim((string) preg_replace('/\s+/u', ' ', trim($rest, " .\t")));
    }
}

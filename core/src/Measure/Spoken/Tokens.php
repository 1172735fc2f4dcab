<?php

declare(strict_types=1);

namespace Hojaldre\Core\Measure\Spoken;

use Hojaldre\Core\Refusal\Refused;

/** A phrase, cut into words, numbers and signs. */
final readonly class Tokens
{
    private const FRACTIONS = [
        '½' => '1/2', '¼' => '1/4', '¾' => '3/4', '⅓' => '1/3', '⅔' => '2/3', '⅛' => '1/8', '⅜' => '3/8', '⅝' => '5/8', '⅞' => '7/8', '⅕' => '1/5',
    ];

    private const SIGNS = ['–' => '-', '—' => '-', '−' => '-', '‑' => '-', '×' => 'x', '″' => '"', '”' => '"', '“' => '"', '’' => "'", '⁄' => '/', 'º' => '°', '˚' => '°', '&' => ' and '];

    private const TOKEN = '~\d+\s?/\s?\d+(?![\d.])|\d+(?:\.\d+)?|\.\d+|\p{L}[\p{L}\']*\.?|[^\s]~u';

    /** @param  list<Token>  $all */
    private function __construct(public array $all)
    {
    }

    /** @throws Refused fraction-over-zero */
    public static function of(string $phrase): self
    {
        $text = strtr($phrase, self::SIGNS);
        foreach (self::FRACTIONS as $sign => $fraction) {
            $text = str_replace($sign, " $fraction ", $text);
        }
        $text = self::withPoints($text);
        preg_match_all(self::TOKEN, $text, $found);

        return new self(array_map(self::token(...), $found[0]));
    }

    /** Commas in numbers: "1,500 g" has thousands, "2,5 dl" and "1,250 kg" have decimals. */
    private static function withPoints(string $text): string
    {
        $text = (string) preg_replace('/(?<![\d.,])(\d{1,3}),(\d{3})(?=\s*(?:kg|kilos?|l|litres?|liters?)\b)/iu', '$1.$2', $text);
        $text = (string) preg_replace('/(?<![\d.,])([1-9]\d{0,2}),(\d{3})(?![\d,.])/u', '$1$2', $text);

        return (string) preg_replace('/(?<=\d),(?=\d)/u', '.', $text);
    }

    private static function token(string $raw): Token
    {
        if (preg_match('~^(\d+)\s?/\s?(\d+)$~', $raw, $m) === 1) {
            if ((int) $m[2] === 0) {
                throw Refused::because('fraction-over-zero');
            }

            return new Token($raw, $raw, (float) $m[1] / (float) $m[2], true);
        }
        $text = rtrim(mb_strtolower($raw), '.');

        return is_numeric($raw) ? new Token($raw, $raw, (float) $raw, false) : new Token($text === '' ? $raw : $text, rtrim($raw, '.'), null, false);
    }

    public function at(int $place): ?Token
    {
        return $this->all[$place] ?? null;
    }

    public function text(int $place): string
    {
        return ($this->all[$place] ?? null)->text ?? '';
    }

    /** Whether these words stand there, one after the other. */
    public function says(int $place, string $words): bool
    {
        foreach (explode(' ', $words) as $offset => $word) {
            if ($this->text($place + $offset) !== $word) {
                return false;
            }
        }

        return true;
    }

    public function count(): int
    {
        return count($this->all);
    }

    public function from(int $place): self
    {
        return new self(array_slice($this->all, $place));
    }

    public function before(int $place): self
    {
        return new self(array_slice($this->all, 0, $place));
    }

    public function with(self $more): self
    {
        return new self([...$this->all, ...$more->all]);
    }

    /** The place of the first such sign, or the end. */
    public function find(string $sign, int $from = 0): int
    {
        for ($place = $from; $place < count($this->all); $place++) {
            if ($this->all[$place]->text === $sign) {
                return $place;
            }
        }

        return count($this->all);
    }

    /** As written, with one space between. */
    public function raw(): string
    {
        return implode(' ', array_map(static fn (Token $one): string => $one->raw, $this->all));
    }

    /** The words alone, with spaces between. */
    public function words(): string
    {
        return implode(' ', array_map(static fn (Token $one): string => $one->text, $this->all));
    }
}

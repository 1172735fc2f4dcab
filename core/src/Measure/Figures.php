<?php

declare(strict_types=1);

namespace Hojaldre\Core\Measure;

/** Numbers as a cook reads them: no trailing zeros, no more digits than mean something. */
final readonly class Figures
{
    public static function number(float $value, int $decimals = 0): string
    {
        $text = number_format($value, $decimals, '.', ',');

        return str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }

    /** Grams: whole from 10 up, one decimal below. */
    public static function grams(float $grams): string
    {
        return self::number($grams, abs($grams) < 9.95 ? 1 : 0).' g';
    }
}

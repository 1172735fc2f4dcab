<?php

declare(strict_types=1);

namespace App\Contract;

/** Rows as CSV (RFC 4180). */
final readonly class Csv
{
    /** Cells that a table program would take for a formula begin with one of these. */
    private const FORMULA = ['=', '+', '-', '@'];

    /** @param  list<list<string|float|int>>  $rows */
    public static function of(array $rows): string
    {
        return implode('', array_map(static fn (array $row): string => implode(',', array_map(self::cell(...), $row))."\r\n", $rows));
    }

    private static function cell(string|float|int $value): string
    {
        $text = is_string($value) && in_array($value[0] ?? '', self::FORMULA, true) ? "'$value" : (string) $value;

        return preg_match('/[",\r\n]/', $text) === 1 ? '"'.str_replace('"', '""', $text).'"' : $text;
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\AtOven;

use Hojaldre\Core\Refusal\Refused;

/**
 * A trace out of a file of any thermometer (docs/formats/probe.md): a head, a column of time and one of temperature; commas, semicolons or
 * tabs between. Rows without a number are counted and left out.
 */
final readonly class TraceTable
{
    /** No trace is longer (definition). */
    private const MOST_ROWS = 20000;

    /**
     * @param  list<array{float, float}>  $readings  minutes since it went in, °C
     * @param  int  $leftOut  rows
     */
    private function __construct(public array $readings, public int $leftOut)
    {
    }

    /**
     * @param  float  $inSeconds  when it went in, s since 1970; clock times without a zone are of the zone that it is told in
     * @param  float  $zoneSeconds  of that zone, east of Greenwich
     *
     * @throws Refused where there is no column of time or of temperature, or no row with numbers
     */
    public static function read(string $csv, float $inSeconds, float $zoneSeconds = 0.0): self
    {
        $lines = array_values(array_filter(preg_split('/\r\n|\r|\n/', (string) preg_replace('/^\xEF\xBB\xBF/', '', $csv)) ?: [], static fn (string $line): bool => trim($line) !== ''));
        $divider = self::divider($lines[0] ?? '');
        $head = self::cells($lines[0] ?? '', $divider);
        $time = self::column($head, '/time|minute|min\b|date|elapsed/');
        $heat = self::column($head, '/celsius|fahrenheit|temp|°|core|probe/', $time);
        if ($time === null || $heat === null) {
            throw Refused::because($time === null ? 'trace-no-time' : 'trace-no-celsius', '/csv', ['head' => implode(', ', array_slice($head, 0, 8))]);
        }
        $isFahrenheit = preg_match('/fahrenheit|°\s*f\b|\bf$/', $head[$heat]) === 1;
        $readings = [];
        $rows = array_slice($lines, 1, self::MOST_ROWS);
        foreach ($rows as $line) {
            $cells = self::cells($line, $divider);
            $minute = self::minute($cells[$time] ?? '', $head[$time], $inSeconds, $zoneSeconds, $divider !== ',');
            $celsius = self::number($cells[$heat] ?? '', $divider !== ',');
            if ($minute !== null && $celsius !== null) {
                $readings[] = [$minute, $isFahrenheit ? ($celsius - 32) / 1.8 : $celsius];
            }
        }

        return $readings === [] ? throw Refused::because('trace-no-rows', '/csv') : new self($readings, count($rows) - count($readings));
    }

    private static function divider(string $line): string
    {
        return str_contains($line, "\t") ? "\t" : (str_contains($line, ';') ? ';' : ',');
    }

    /** @return list<string> in small letters */
    private static function cells(string $line, string $divider): array
    {
        return array_map(static fn (?string $one): string => mb_strtolower(trim((string) $one)), str_getcsv($line, $divider, '"', ''));
    }

    /** @param  list<string>  $head */
    private static function column(array $head, string $pattern, ?int $not = null): ?int
    {
        foreach ($head as $at => $name) {
            if ($at !== $not && preg_match($pattern.'u', $name) === 1) {
                return $at;
            }
        }

        return null;
    }

    private static function number(string $words, bool $commas): ?float
    {
        $words = $commas ? str_replace(',', '.', $words) : $words;

        return is_numeric($words) ? (float) $words : null;
    }

    /** Minutes, seconds where the head says so, a span, or a date and time. */
    private static function minute(string $words, string $head, float $inSeconds, float $zoneSeconds, bool $commas): ?float
    {
        $number = self::number($words, $commas);
        if ($number !== null) {
            return preg_match('/sec|\bs\b/', $head) === 1 ? $number / 60 : $number;
        }
        if (preg_match('/^(?:(\d+):)?(\d{1,3}):(\d{2}(?:\.\d+)?)$/', $words, $span) === 1) {
            return 60 * (float) $span[1] + (float) $span[2] + (float) $span[3] / 60;
        }
        if (preg_match('/^\d{4}-\d{2}-\d{2}[t ]\d{2}:\d{2}/', $words) !== 1) {
            return null;
        }
        $hasZone = preg_match('/(?:z|[+-]\d{2}:?\d{2})$/', $words) === 1;
        $at = date_create_immutable(strtoupper($words).($hasZone ? '' : 'Z'));

        return $at === false ? null : ((float) $at->format('U') - ($hasZone ? 0.0 : $zoneSeconds) - $inSeconds) / 60;
    }
}

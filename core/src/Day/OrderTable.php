<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day;

use Hojaldre\Core\Batch\BatchLine;
use Hojaldre\Core\Refusal\Refusal;

/**
 * Orders out of a table of words: a line an order, pie, count, time, and if need be scratch, frozen or baked; commas, semicolons or
 * tabs between, quotes as in CSV (RFC 4180), with a head or without. A line that is not understood is told and left out.
 */
final readonly class OrderTable
{
    private const HEAD = 'pie';

    /**
     * @param  list<Order>  $orders
     * @param  list<Refusal>  $refusals  at /lines/N, counted from 1
     */
    private function __construct(public array $orders, public array $refusals)
    {
    }

    /** @param  array<string, string>  $names  of the pies there are, by their uuid */
    public static function read(string $table, array $names): self
    {
        $orders = $refusals = [];
        foreach (preg_split('/\r\n|\r|\n/', $table) ?: [] as $at => $line) {
            if (trim($line) === '') {
                continue;
            }
            $cells = array_map(static fn (?string $one): string => trim((string) $one), str_getcsv($line, self::divider($line), '"', ''));
            if ($at === 0 && mb_strtolower($cells[0]) === self::HEAD) {
                continue;
            }
            $read = self::order($cells, $names, count($orders) + 1, $at + 1);
            if ($read instanceof Order) {
                $orders[] = $read;
            } else {
                $refusals[] = $read;
            }
        }

        return new self($orders, $refusals);
    }

    private static function divider(string $line): string
    {
        return str_contains($line, "\t") ? "\t" : (str_contains($line, ';') ? ';' : ',');
    }

    /**
     * @param  list<string>  $cells
     * @param  array<string, string>  $names
     */
    private static function order(array $cells, array $names, int $number, int $line): Order|Refusal
    {
        $pie = self::pie($cells[0], $names);
        $count = $cells[1] ?? '';
        $minute = self::minute($cells[2] ?? '');
        $from = ($cells[3] ?? '') === '' ? OrderFrom::Scratch : OrderFrom::tryFrom(mb_strtolower($cells[3]));

        return match (true) {
            $pie === null => new Refusal('table-pie', "/lines/$line", ['line' => $line, 'said' => $cells[0]]),
            preg_match('/^[0-9]+$/', $count) !== 1 || (int) $count < 1 || (int) $count > BatchLine::MOST_PIECES => new Refusal('table-count', "/lines/$line", ['line' => $line, 'said' => $count, 'most' => BatchLine::MOST_PIECES]),
            $minute === null => new Refusal('table-time', "/lines/$line", ['line' => $line, 'said' => $cells[2] ?? '']),
            $from === null => new Refusal('table-from', "/lines/$line", ['line' => $line, 'said' => $cells[3] ?? '']),
            default => new Order("o$number", $pie, (int) $count, $minute, $from, Ending::Warm, null),
        };
    }

    /**
     * The whole name, or the only one that begins so or has it in it.
     *
     * @param  array<string, string>  $names
     */
    private static function pie(string $said, array $names): ?string
    {
        $said = mb_strtolower($said);
        if ($said === '') {
            return null;
        }
        $lower = array_map(mb_strtolower(...), $names);
        foreach (['same', 'begins', 'holds'] as $how) {
            $found = array_keys(array_filter($lower, static fn (string $name): bool => match ($how) {
                'same' => $name === $said,
                'begins' => str_starts_with($name, $said),
                default => str_contains($name, $said),
            }));
            if (count($found) === 1) {
                return (string) $found[0];
            }
        }

        return null;
    }

    /** 9:30, 09.30, 0930, 9, 7 pm; null where it is none. */
    private static function minute(string $said): ?int
    {
        if (preg_match('/^([0-9]{1,2})(?:[:.h]?([0-9]{2}))? ?(am|pm)?$/', mb_strtolower($said), $found) !== 1) {
            return null;
        }
        $hour = (int) $found[1];
        $minute = (int) ($found[2] ?? 0);
        $half = $found[3] ?? '';
        if ($half !== '' && ($hour < 1 || $hour > 12)) {
            return null;
        }
        $hour = $half === '' ? $hour : $hour % 12 + ($half === 'pm' ? 12 : 0);

        return $hour > 23 || $minute > 59 ? null : $hour * 60 + $minute;
    }
}

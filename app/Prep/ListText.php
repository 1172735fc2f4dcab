<?php

declare(strict_types=1);

namespace App\Prep;

use App\Contract\Csv;
use Hojaldre\Core\Measure\Figures;

/** Lists of a batch as text: CSV (RFC 4180) with a head, or lines to be read and printed. */
final readonly class ListText
{
    public static function csv(PrepAnswer $prep, string $list): string
    {
        $rows = match ($list) {
            'shop' => [['food', 'need_g', 'have_g', 'buy_g', 'buy', 'cost'], ...array_map(static fn (ShoppingLineAnswer $one): array => [$one->name, $one->needGrams, $one->haveGrams, $one->buyGrams, $one->says, $one->cost ?? ''], $prep->shopping)],
            'weigh' => [['pie', 'count', 'food', 'each_g', 'all_g'], ...self::weighed($prep)],
            default => [['act', 'before_g', 'stop_g', 'goes', 'minutes', 'wait_min'], ...array_map(static fn (PrepActAnswer $one): array => [$one->title, $one->beforeGrams, $one->stopGrams ?? '', $one->goes, $one->minutes, $one->waitMinutes], $prep->acts)],
        };

        return Csv::of($rows);
    }

    public static function plain(PrepAnswer $prep, string $list, string $batch): string
    {
        $lines = match ($list) {
            'shop' => array_map(static fn (ShoppingLineAnswer $one): string => "$one->name: $one->says", array_values(array_filter($prep->shopping, static fn (ShoppingLineAnswer $one): bool => $one->buyGrams > 0))),
            'weigh' => self::weighedLines($prep),
            default => array_map(static fn (PrepActAnswer $one): string => $one->title.', '.Figures::grams($one->beforeGrams).($one->stopGrams === null ? '' : ' to '.Figures::grams($one->stopGrams)), $prep->acts),
        };

        return implode("\n", [$batch, '', ...$lines, ''])."\n";
    }

    /** @return list<list<string|float|int>> */
    private static function weighed(PrepAnswer $prep): array
    {
        $rows = [];
        foreach ($prep->weighing as $pie) {
            foreach ($pie->lines as $line) {
                $rows[] = [$pie->name, $pie->count, $line->name, $line->eachGrams, $line->allGrams];
            }
        }

        return $rows;
    }

    /** @return list<string> */
    private static function weighedLines(PrepAnswer $prep): array
    {
        $lines = [];
        foreach ($prep->weighing as $pie) {
            $lines = [...$lines, "$pie->name, $pie->count", ...array_map(static fn (WeighingLineAnswer $one): string => '  '.Figures::grams($one->eachGrams).' '.$one->name, $pie->lines), ''];
        }

        return $lines;
    }
}

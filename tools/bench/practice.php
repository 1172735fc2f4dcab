<?php

declare(strict_types=1);

/*
 * The verdicts against what cooks say of such bakes: false alarms, misses, minutes; both halves of the set, the one that the model
 * was fitted with and the one that was only looked at. A line for each bake that is off, then the sums.
 */

use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Forecast\Readings\ReadingName;
use Hojaldre\Core\Tests\Bake\Practice;

require __DIR__.'/../../vendor/autoload.php';

const NEAR = 0.15;

$print = static fn (array $line): int => print json_encode($line, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)."\n";
$percent = static fn (int $part, int $all): float => $all === 0 ? 0.0 : round(100 * $part / $all, 1);
$sums = [];
foreach (Practice::all() as $bake) {
    $half = $bake->isFitted ? 'fitted' : 'looked at';
    $sum = $sums[$half] ?? ['told' => 0, 'red' => 0, 'bad' => 0, 'flagged' => 0, 'timed' => 0, 'in' => 0, 'near' => 0];
    $forecast = Forecast::of($bake->pie);
    $isRed = static fn (ReadingName $name): bool => $forecast->reading($name)?->inTrouble() ?? false;
    $red = array_filter($bake->contentWith, $isRed);
    $sum['told'] += count($bake->contentWith);
    $sum['red'] += count($red);
    $isFlagged = array_filter($bake->faults, $isRed) !== [];
    $sum['bad'] += $bake->isGood() ? 0 : 1;
    $sum['flagged'] += $bake->isGood() || ! $isFlagged ? 0 : 1;
    $off = array_map(static fn (ReadingName $name): string => "$name->value is red", array_values($red));
    if (! $bake->isGood() && ! $isFlagged) {
        $off[] = 'not flagged';
    }
    if ($bake->minutes !== null) {
        [$from, $to, $event] = $bake->minutes;
        $minute = $forecast->bake?->minute($event) ?? INF;
        $isIn = $minute >= $from && $minute <= $to;
        $isNear = $minute >= (1 - NEAR) * $from && $minute <= (1 + NEAR) * $to;
        $sum['timed']++;
        $sum['in'] += $isIn ? 1 : 0;
        $sum['near'] += $isNear ? 1 : 0;
        if (! $isNear) {
            $off[] = sprintf('%s at %d min, practice %d to %d', $event->value, round($minute), $from, $to);
        }
    }
    if ($off !== []) {
        $print(['name' => "practice, $half", 'bake' => $bake->name, 'word' => $bake->word, 'off' => $off]);
    }
    $sums[$half] = $sum;
}
$all = ['told' => 0, 'red' => 0, 'bad' => 0, 'flagged' => 0, 'timed' => 0, 'in' => 0, 'near' => 0];
foreach ($sums as $sum) {
    foreach ($sum as $what => $count) {
        $all[$what] += $count;
    }
}
foreach ([...$sums, 'both' => $all] as $half => $sum) {
    $print([
        'name' => "practice, $half", 'red_of_content_percent' => $percent($sum['red'], $sum['told']), 'content' => $sum['told'], 'bad_flagged_percent' => $percent($sum['flagged'], $sum['bad']), 'bad' => $sum['bad'],
        'minutes_near_percent' => $percent($sum['near'], $sum['timed']), 'minutes_in_range_percent' => $percent($sum['in'], $sum['timed']), 'timed' => $sum['timed'],
        'note' => 'bars: at most 5 % red, all bad ones flagged, 90 % of minutes near (15 %), half in range',
    ]);
}

<?php

declare(strict_types=1);

/*
 * What the printed ranges cover: for every reading, in how many of 200 kitchens drawn from the table of doubts the bake of a pie
 * comes out inside them. Over the bakes of practice; bars 75 to 88 %. `php tools/bench/ranges.php [KITCHENS [SEED]]`
 */

use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Bake\BakeResult;
use Hojaldre\Core\Bake\Resolution;
use Hojaldre\Core\Bake\Simulation;
use Hojaldre\Core\Forecast\BakeInputs;
use Hojaldre\Core\Forecast\BakeRanges;
use Hojaldre\Core\Forecast\Kitchens;
use Hojaldre\Core\Forecast\Readings\Gauges;
use Hojaldre\Core\Forecast\WeighingDeviation;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Tests\Bake\Practice;

require __DIR__.'/../../vendor/autoload.php';

const EVENTS = [BakeEvent::TimeToLook, BakeEvent::Over, BakeEvent::Golden, BakeEvent::Safe];

$count = (int) ($argv[1] ?? 200);
$kitchens = Kitchens::drawn($count, (int) ($argv[2] ?? 2026));
$covered = [];
$note = static function (string $what, bool $isIn, string $pie) use (&$covered): void {
    $covered[$what][$pie] = [($covered[$what][$pie][0] ?? 0) + ($isIn ? 1 : 0), ($covered[$what][$pie][1] ?? 0) + 1];
};
foreach (Practice::all() as $one) {
    $weights = Weights::of($one->pie);
    $input = BakeInputs::of($weights);
    $ranges = BakeRanges::of($input);
    $bake = static fn (?Hojaldre\Core\Bake\BakeDeviation $kitchen): BakeResult => Simulation::run($input, $kitchen, Resolution::coarse());
    $usual = $bake(null);
    foreach ($kitchens as $kitchen) {
        $other = $bake($kitchen);
        foreach (EVENTS as $event) {
            if (is_finite($usual->minute($event))) {
                [$low, $high] = $ranges->minutes($event, $usual->minute($event));
                $note($event->value, $other->minute($event) >= $low && $other->minute($event) <= $high, $one->name);
            }
        }
        if (! is_nan($usual->baseRatio)) {
            [$low, $high] = $ranges->baseRatio($usual->baseRatio);
            $note('base', $other->baseRatio >= $low && $other->baseRatio <= $high, $one->name);
        }
        if ($usual->browned->topIndex > 0.05) {
            [$low, $high] = $ranges->topIndex($usual->browned->topIndex);
            $note('colour', $other->browned->topIndex >= $low && $other->browned->topIndex <= $high, $one->name);
        }
    }
    foreach (Gauges::all() as $name => $gauge) {
        $reading = Gauges::take($gauge, $weights);
        foreach ($reading->value === null ? [] : WeighingDeviation::drawn($count, 7) as $deviation) {
            $value = $gauge->value($weights->under($deviation));
            $note($name, $value >= ($reading->low ?? -INF) && $value <= ($reading->high ?? INF), $one->name);
        }
    }
}
foreach ($covered as $what => $pies) {
    $shares = array_map(static fn (array $one): float => 100 * $one[0] / $one[1], $pies);
    $all = 100 * array_sum(array_column($pies, 0)) / array_sum(array_column($pies, 1));
    echo json_encode([
        'name' => "ranges, $what", 'covers_percent' => round($all, 1), 'least_percent' => round(min($shares), 1), 'most_percent' => round(max($shares), 1),
        'least_of' => (string) array_search(min($shares), $shares, true), 'pies' => count($pies), 'kitchens' => $count, 'bar' => '75 to 88 %',
    ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)."\n";
}

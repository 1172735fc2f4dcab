<?php

declare(strict_types=1);

/* Of the kitchens drawn for each custard of practice: in how many was its coldest place safe when it was set by its sign? One JSON object a line. */

use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Bake\Resolution;
use Hojaldre\Core\Bake\Simulation;
use Hojaldre\Core\Forecast\BakeInputs;
use Hojaldre\Core\Forecast\Kitchens;
use Hojaldre\Core\Forecast\Readings\SafeWhenSet;
use Hojaldre\Core\Forecast\SimulatedBake;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Tests\Bake\Practice;

require __DIR__.'/../../vendor/autoload.php';

const KITCHENS = 200;

$all = $held = $safe = 0;
foreach (Practice::all() as $one) {
    $weights = Weights::of($one->pie);
    $bake = SimulatedBake::of($weights);
    if ($bake === null || $bake->input->setsAtCelsius === null || ! is_finite($bake->minute(BakeEvent::TimeToLook))) {
        continue;
    }
    $was = $ratio = [];
    foreach (Kitchens::drawn(KITCHENS, 2026) as $kitchen) {
        $result = Simulation::run(BakeInputs::of($weights), $kitchen, Resolution::compared());
        $was[] = $result->minute(BakeEvent::Safe) <= $result->minute(BakeEvent::TimeToLook);
        $ratio[] = $result->minute(BakeEvent::Safe) / $result->minute(BakeEvent::TimeToLook);
    }
    sort($ratio);
    $holds = SafeWhenSet::holds($bake);
    $all++;
    $held += $holds ? 1 : 0;
    $safe += $holds ? count(array_filter($was)) : 0;
    echo json_encode([
        'name' => 'safe when set', 'bake' => $one->name, 'safe_in_percent' => round(100 * count(array_filter($was)) / KITCHENS, 1), 'share_of_look' => round($bake->minute(BakeEvent::Safe) / $bake->minute(BakeEvent::TimeToLook), 3),
        'shares_1_in_100' => [round($ratio[1], 3), round($ratio[KITCHENS - 2], 3)], 'said' => $holds, 'sets_at' => round($bake->input->setsAtCelsius, 1), 'raw' => $bake->input->hasRawFlesh,
    ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)."\n";
}
echo json_encode(['name' => 'safe when set, all', 'custards' => $all, 'said_of' => $held, 'safe_in_percent' => $held === 0 ? 0 : round(100 * $safe / ($held * KITCHENS), 2), 'runs' => $held * KITCHENS], JSON_THROW_ON_ERROR)."\n";

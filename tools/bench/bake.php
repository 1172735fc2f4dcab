<?php

declare(strict_types=1);

/*
 * One bake of a practice case, timed inside: in php-fpm a request each (CASE and COARSE in its parameters), from the shell
 * `php tools/bench/bake.php MODE` for all cases with the settings it was started with.
 */

use Hojaldre\Core\Advice\WaysOut;
use Hojaldre\Core\Bake\Resolution;
use Hojaldre\Core\Bake\Simulation;
use Hojaldre\Core\Forecast\BakeInputs;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Forecast\Readings\ReadingName;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Tests\Bake\Practice;

require __DIR__.'/../../core/autoload.php';
spl_autoload_register(static function (string $class): void {
    $file = str_replace(['Hojaldre\Core\Tests\\', '\\'], [__DIR__.'/../../core/tests/', '/'], $class).'.php';
    if (is_file($file)) {
        require $file;
    }
});

$cases = array_values(array_map(static fn (array $case) => $case[0], Practice::timed()));
$names = array_keys(Practice::timed());

if (PHP_SAPI !== 'cli') {
    $pie = $cases[(int) $_SERVER['CASE']];
    $start = hrtime(true);
    if ($_SERVER['WHAT'] === 'forecast') {
        Forecast::of($pie);
        $result = null;
    } elseif ($_SERVER['WHAT'] === 'ways') {
        WaysOut::of(Forecast::of($pie), ReadingName::Base);
        $result = null;
    } else {
        $result = Simulation::run(BakeInputs::of(Weights::of($pie)), resolution: $_SERVER['WHAT'] === 'coarse' ? Resolution::coarse() : Resolution::fine());
    }
    header('Content-Type: application/json');
    echo json_encode(['name' => $names[(int) $_SERVER['CASE']], 'count' => count($cases), 'ms' => (hrtime(true) - $start) / 1e6, 'cells' => $result?->cells(), 'steps' => $result?->steps], JSON_THROW_ON_ERROR);

    return;
}

$mode = $argv[1] ?? 'cli';
foreach ([0 => 'open', 3 => 'double crust'] as $index => $kind) {
    $input = BakeInputs::of(Weights::of($cases[$index]));
    $ms = [];
    for ($i = 0; $i < 25; $i++) {
        $start = hrtime(true);
        $result = Simulation::run($input);
        $ms[] = (hrtime(true) - $start) / 1e6;
    }
    $first = $ms[0];
    $warm = array_slice($ms, 5);
    sort($warm);
    echo json_encode([
        'name' => "bake, $kind", 'median_ms' => round($warm[10], 1), 'best_ms' => round($warm[0], 1), 'first_ms' => round($first, 1), 'runs' => 20,
        'cells' => $result->cells(), 'steps' => $result->steps, 'mode' => $mode,
    ], JSON_THROW_ON_ERROR)."\n";
}

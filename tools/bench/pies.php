<?php

declare(strict_types=1);

/* Forecasts of 1,000 random valid pies; any error or warning of PHP ends it. */

use App\Contract\Json;
use App\Forecast\ForecastAnswer;
use App\Wording\Words;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Tests\RandomPie;

require __DIR__.'/../../vendor/autoload.php';

set_error_handler(static function (int $level, string $message): never {
    throw new ErrorException($message, 0, $level);
});

$words = new Words;
$ms = [];
foreach (RandomPie::many(1000, seed: 77) as $pie) {
    $start = hrtime(true);
    json_encode(Json::value(ForecastAnswer::of(Forecast::of($pie), $words)), JSON_THROW_ON_ERROR);
    $ms[] = (hrtime(true) - $start) / 1e6;
}
sort($ms);
echo json_encode(['name' => 'pies', 'median_ms' => round($ms[500], 2), 'p99_ms' => round($ms[990], 2), 'runs' => 1000, 'note' => 'random valid pies forecast without error or warning'], JSON_THROW_ON_ERROR)."\n";

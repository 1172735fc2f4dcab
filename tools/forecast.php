<?php

declare(strict_types=1);

/*
 * hojaldre forecast FILE [--text] [--ways]: a pie file in, its forecast out, with the ways out of what is in trouble where they are asked for. No database, no web server, no framework.
 * Exit 0: forecast; 1: the file was refused (problem on standard error); 2: called wrongly.
 */

use App\Advice\WayOutAnswer;
use App\Contract\Json;
use App\Forecast\ForecastAnswer;
use App\Forecast\ForecastText;
use App\Problem\RefusalAnswer;
use App\Wording\Words;
use Hojaldre\Core\Advice\WayOut;
use Hojaldre\Core\Advice\WaysOut;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\PieFile\PieFile;
use Hojaldre\Core\Refusal\Refusal;
use Hojaldre\Core\Refusal\Refused;

require __DIR__.'/autoload.php';

$print = static fn (mixed $value): string => json_encode(Json::value($value), JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_INVALID_UTF8_SUBSTITUTE | JSON_THROW_ON_ERROR)."\n";
$files = array_values(array_filter(array_slice($argv, 1), static fn (string $arg): bool => ! in_array($arg, ['--text', '--ways'], true)));
if (count($files) !== 1) {
    fwrite(STDERR, "usage: ./hojaldre forecast FILE [--text] [--ways]\n");
    exit(2);
}
$bytes = is_file($files[0]) ? @file_get_contents($files[0]) : false;
if ($bytes === false) {
    fwrite(STDERR, "Cannot read {$files[0]}: check the path and that you may read it.\n");
    exit(2);
}
$words = new Words;
try {
    $forecast = Forecast::of(PieFile::read($bytes));
} catch (Refused $refused) {
    fwrite(STDERR, $print(['code' => 'refused', 'refusals' => array_map(static fn (Refusal $one): RefusalAnswer => RefusalAnswer::of($one, $words), $refused->refusals)]));
    exit(1);
}
$asked = in_array('--ways', $argv, true);
$waysOut = $asked ? WaysOut::all($forecast) : [];
echo in_array('--text', $argv, true)
    ? ForecastText::of($forecast, $waysOut, $words)
    : $print([
        ...get_object_vars(ForecastAnswer::of($forecast, $words)),
        ...($asked ? ['waysOut' => array_map(static fn (array $ways): array => array_map(static fn (WayOut $way): WayOutAnswer => WayOutAnswer::of($way, $words), $ways), $waysOut)] : []),
    ]);

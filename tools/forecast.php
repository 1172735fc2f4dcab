<?php

declare(strict_types=1);

/*
 * hojaldre forecast FILE [--text]: a pie file in, its forecast out. No database, no web server, no framework.
 * Exit 0: forecast; 1: the file was refused (problem on standard error); 2: called wrongly.
 */

use Hojaldre\Core\Advice\ForecastText;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\PieFile\PieFile;
use Hojaldre\Core\Refusal\Refusal;
use Hojaldre\Core\Refusal\Refused;

require __DIR__.'/../core/autoload.php';

$files = array_values(array_filter(array_slice($argv, 1), static fn (string $arg): bool => $arg !== '--text'));
if (count($files) !== 1) {
    fwrite(STDERR, "usage: ./hojaldre forecast FILE [--text]\n");
    exit(2);
}
$bytes = is_file($files[0]) ? @file_get_contents($files[0]) : false;
if ($bytes === false) {
    fwrite(STDERR, "Cannot read {$files[0]}: check the path and that you may read it.\n");
    exit(2);
}
try {
    $forecast = Forecast::of(PieFile::read($bytes))->withWaysOut();
} catch (Refused $refused) {
    $problem = ['code' => 'refused', 'refusals' => array_map(static fn (Refusal $one): array => $one->toArray(), $refused->refusals)];
    fwrite(STDERR, json_encode($problem, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_INVALID_UTF8_SUBSTITUTE)."\n");
    exit(1);
}
echo in_array('--text', $argv, true)
    ? ForecastText::of($forecast)
    : json_encode($forecast->toArray(), JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)."\n";

<?php

declare(strict_types=1);

/* Runs a stand-in of a device until it is stopped. Arguments: scale|probe|oven PORT [name=value …]. */

use App\StandIn\DeviceServer;
use App\StandIn\SimulatedOven;
use App\StandIn\SimulatedProbe;
use App\StandIn\SimulatedScale;
use Hojaldre\Core\PieFile\PieFile;

require __DIR__.'/../vendor/autoload.php';

[, $device, $port] = $argv + [null, '', '0'];
$with = [];
foreach (array_slice($argv, 3) as $word) {
    [$name, $value] = explode('=', $word, 2) + ['', ''];
    $with[$name] = $value;
}
$number = static fn (string $name, float $else): float => is_numeric($with[$name] ?? null) ? (float) $with[$name] : $else;
$stands = match ($device) {
    'scale' => new SimulatedScale,
    'probe' => new SimulatedProbe(
        PieFile::read((string) file_get_contents($with['pie'] ?? __DIR__.'/../database/data/demo/smoked-trout-and-leek-quiche.json')),
        $number('oven', -8.0), $number('off', 0.6), $number('noise', 0.3), $number('speed', 1.0),
    ),
    'oven' => new SimulatedOven($number('runs-by', -12.0), $number('speed', 1.0)),
    default => exit(2),
};
if ($device === 'probe' && isset($with['minute'])) {
    $stands->take('in', ['minute' => $number('minute', 0.0)], microtime(true));
}
if ($device === 'oven' && isset($with['dial'])) {
    $stands->take('dial', ['celsius' => $number('dial', 0.0)], microtime(true) - 3600);
}
$format = $device === 'scale' ? 'scale' : 'probe';
echo "  a stand-in of a $device on http://127.0.0.1:$port (docs/formats/$format.md); Ctrl-C takes it away\n";
(new DeviceServer((int) $port, $stands))->run();

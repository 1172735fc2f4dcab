<?php

declare(strict_types=1);

/* The core alone: reading a pie file, and its forecast with all ways out. */

use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\PieFile\PieFile;

require __DIR__.'/../../core/autoload.php';

/** @param  list<float>  $ms */
function line(string $name, array $ms, string $note): void
{
    sort($ms);
    echo json_encode(['name' => $name, 'median_ms' => round($ms[intdiv(count($ms), 2)], 3), 'runs' => count($ms), 'note' => $note], JSON_THROW_ON_ERROR)."\n";
}

foreach (glob(__DIR__.'/../../database/data/demo/*.json') ?: [] as $file) {
    $bytes = (string) file_get_contents($file);
    $read = $forecast = [];
    for ($i = 0; $i < 60; $i++) {
        $start = hrtime(true);
        $pie = PieFile::read($bytes);
        $middle = hrtime(true);
        Forecast::of($pie);
        if ($i >= 10) {
            $read[] = ($middle - $start) / 1e6;
            $forecast[] = (hrtime(true) - $middle) / 1e6;
        }
    }
    line('core-read', $read, basename($file));
    line('core-forecast', $forecast, basename($file));
}

<?php

declare(strict_types=1);

/* `./hojaldre forecast FILE` as a whole process, with PHP's start, beside PHP starting for nothing. */

/** @return list<float> */
function timed(string $command, int $runs): array
{
    $ms = [];
    for ($i = 0; $i < $runs + 2; $i++) {
        $start = hrtime(true);
        exec($command.' >/dev/null', $output, $exit);
        if ($exit !== 0) {
            fwrite(STDERR, "It failed: $command\n");
            exit(1);
        }
        if ($i >= 2) {
            $ms[] = (hrtime(true) - $start) / 1e6;
        }
    }
    sort($ms);

    return $ms;
}

$root = dirname(__DIR__, 2);
$forecast = timed("$root/hojaldre forecast $root/database/data/demo/smoked-trout-and-leek-quiche.json", 21);
$nothing = timed('php -r ""', 21);
echo json_encode([
    'name' => 'cli-forecast', 'median_ms' => round($forecast[10], 1), 'runs' => 21, 'ratio' => round($forecast[10] / $nothing[10], 2),
    'note' => sprintf('worst %.1f ms; ratio to php -r "" (%.1f ms); bar 250 ms', end($forecast), $nothing[10]),
], JSON_THROW_ON_ERROR)."\n";

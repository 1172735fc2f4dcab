<?php

declare(strict_types=1);

/* Ten thousand bent pie files: refused or taken, never a crash. */

use Hojaldre\Core\Tests\PieFile\BentFiles;

require __DIR__.'/../../vendor/autoload.php';

set_error_handler(static function (int $level, string $message): never {
    throw new ErrorException($message, 0, $level);
});

$start = hrtime(true);
$seen = BentFiles::run(10000, seed: 2026);
echo json_encode([
    'name' => 'fuzz', 'median_ms' => round((hrtime(true) - $start) / 1e6 / 10000, 3), 'runs' => 10000,
    'note' => sprintf('bent files: %d taken and forecast, %d refused with a mend; time is the mean', $seen['taken'], $seen['refused']),
], JSON_THROW_ON_ERROR)."\n";

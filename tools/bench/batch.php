<?php

declare(strict_types=1);

/* A batch of sixty pies: its prep list; and the cutting sheet for a hundred discs. One JSON object a line. */

use Hojaldre\Core\Batch\Batch;
use Hojaldre\Core\Batch\BatchLine;
use Hojaldre\Core\Batch\FoldChoice;
use Hojaldre\Core\Batch\PastryPlan;
use Hojaldre\Core\Batch\PieOfBatch;
use Hojaldre\Core\Batch\Prep\PrepList;
use Hojaldre\Core\Batch\Prep\ShoppingList;
use Hojaldre\Core\Pastry\Dough\HouseDoughs;
use Hojaldre\Core\Pastry\Rolled\LiningChoice;
use Hojaldre\Core\Pastry\Sheet\Board;
use Hojaldre\Core\Pastry\Sheet\Cutter;
use Hojaldre\Core\Pastry\Sheet\Cutting;
use Hojaldre\Core\PieFile\PieFile;

require __DIR__.'/../../vendor/autoload.php';

const RUNS = 15;

$time = static function (string $name, callable $do, string $note): void {
    $times = [];
    for ($run = 0; $run < RUNS + 3; $run++) {
        $start = hrtime(true);
        $do();
        if ($run >= 3) {
            $times[] = (hrtime(true) - $start) / 1e6;
        }
    }
    sort($times);
    echo json_encode(['name' => $name, 'median_ms' => round($times[intdiv(count($times), 2)], 1), 'runs' => RUNS, 'note' => $note]), "\n";
};

$designs = array_map(static fn (string $file) => PieFile::read((string) file_get_contents($file)), glob(__DIR__.'/../../database/data/demo/*.json') ?: []);
$pies = $lines = [];
// sixty lines: each design again and again, a little larger each time, as if each were another pie
for ($i = 0; $i < 60; $i++) {
    $line = new BatchLine(sprintf('00000000-0000-4000-8000-%012d', $i), 1 + $i % 3, LiningChoice::usual(), FoldChoice::asDesigned());
    $lines[] = $line;
    $pies[] = new PieOfBatch($i + 1, $line, $designs[$i % count($designs)]->withFillingScaled(1 + $i / 200));
}
$batch = new Batch('Sixty', $lines, [], 21);
$formulas = [];
foreach (HouseDoughs::ids() as $id) {
    $formulas[$id] = HouseDoughs::of($id) ?? throw new LogicException($id);
}
$time('prep list, 60 pies', static function () use ($batch, $pies, $formulas): void {
    $pastry = PastryPlan::of($batch, $pies, $formulas, []);
    PrepList::of($batch, $pies, $pastry);
    ShoppingList::of($pies, $pastry, [], []);
}, 'pastry, acts and shopping; bar 300');
$time('cutting sheet, 100 discs', static fn () => Cutting::forPieces(100, Cutter::disc(120), 3, 1.16, new Board(400, 600)), 'least dough sought; bar 100');
$time('cutting sheet, 100 rectangles', static fn () => Cutting::forPieces(100, Cutter::rectangle(140, 100), 3, 1.16, new Board(400, 600)), 'least dough sought; bar 100');
$time('bought sheet, one disc more', static fn () => Cutting::readyForPieces(14, 230, 400, Cutter::disc(110), 3, 1.1, new Board(400, 600)), 'looks for more than rows hold');

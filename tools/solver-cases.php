<?php

declare(strict_types=1);

/* Prints random custard questions with the core's best answer, for an outside solver to check. Usage: php tools/solver-cases.php [COUNT] [SEED] */

use Hojaldre\Core\Custard\Solver\CustardSolver;
use Hojaldre\Core\Custard\Solver\Dairy;
use Hojaldre\Core\Custard\Solver\Wish;
use Random\Engine\Mt19937;
use Random\Randomizer;

require __DIR__.'/../core/autoload.php';

$dice = new Randomizer(new Mt19937((int) ($argv[2] ?? 5)));
$between = static fn (float $low, float $high): float => $low + ($high - $low) * $dice->getInt(0, 1 << 30) / (1 << 30);
$cases = [];
for ($i = 0; $i < (int) ($argv[1] ?? 200); $i++) {
    $dairies = [];
    for ($j = $dice->getInt(1, 5); $j > 0; $j--) {
        $dairies[] = new Dairy("d$j", $between(0.95, 1.03), $dice->getInt(0, 3) === 0 ? $between(0.3, 0.9) : 1.0, $between(0.0, 0.6), $dice->getInt(0, 1) === 0 ? INF : $between(20, 600));
    }
    $wish = new Wish($between(150, 1200), $between(0, 80), $between(45, 130), $between(0.04, 0.3), $dice->getInt(1, 12), $dice->getInt(0, 6));
    $start = hrtime(true);
    $answers = CustardSolver::answers($wish, $dairies);
    $cases[] = [
        'wish' => get_object_vars($wish),
        'dairies' => array_map(static fn (Dairy $one): array => [...get_object_vars($one), 'mostGrams' => is_infinite($one->mostGrams) ? null : $one->mostGrams], $dairies),
        'off' => $answers[0]->off ?? null,
        'ms' => (hrtime(true) - $start) / 1e6,
    ];
}
echo json_encode($cases, JSON_THROW_ON_ERROR)."\n";

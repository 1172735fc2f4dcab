<?php

declare(strict_types=1);

/*
 * Days planned: quality against the best there is on small random days (day-exact.mjs finds it), and time on large ones.
 * Usage: php tools/bench/day.php small COUNT | large. One JSON object a line.
 */

require dirname(__DIR__, 2).'/vendor/autoload.php';

use Hojaldre\Core\Day\Cook;
use Hojaldre\Core\Day\Day;
use Hojaldre\Core\Day\DayKitchen;
use Hojaldre\Core\Day\DayOven;
use Hojaldre\Core\Day\Ending;
use Hojaldre\Core\Day\Hours;
use Hojaldre\Core\Day\Order;
use Hojaldre\Core\Day\OrderFrom;
use Hojaldre\Core\Day\OwnMinutes;
use Hojaldre\Core\Day\Plan\PlanCheck;
use Hojaldre\Core\Day\Plan\Planner;
use Hojaldre\Core\Day\Task\DayExpansion;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Pastry\Dough\HouseDoughs;
use Hojaldre\Core\PieFile\PieFile;
use Hojaldre\Core\Tests\Day\RandomDay;

/** @param  array<string, mixed>  $row */
function put(array $row): void
{
    echo json_encode($row, JSON_THROW_ON_ERROR)."\n";
}

function small(int $count): void
{
    for ($seed = 1; $seed <= $count; $seed++) {
        [$day, $tasks] = RandomDay::of($seed);
        $started = hrtime(true);
        $plan = Planner::plan($day, $tasks, []);
        put([
            'seed' => $seed, 'isPossible' => $plan->isPossible, 'faults' => PlanCheck::faults($plan), 'minutes' => $plan->cost?->minutes(), 'late' => $plan->cost?->lateMinutes, 'bound' => $plan->boundMinutes,
            'took_ms' => round((hrtime(true) - $started) / 1e6, 1), 'from' => $day->kitchen->cooks[0]->hours[0]->fromMinute, 'cooks' => count($day->kitchen->cooks), 'rings' => $day->kitchen->rings,
            'ovens' => array_map(static fn (DayOven $one): array => ['id' => $one->id, 'shelves' => $one->shelves], $day->kitchen->ovens),
            'tasks' => $tasks->tasks, 'bounds' => $tasks->bounds, 'goals' => $tasks->goals,
        ]);
    }
}

/** Orders of the demo pies through a morning, so many of them. */
function large(int $orders, int $each, int $cooks, int $ovens, int $shelves): void
{
    $designs = $wanted = $formulas = [];
    foreach (glob(dirname(__DIR__, 2).'/database/data/demo/*.json') ?: [] as $at => $file) {
        $designs[sprintf('00000000-0000-4000-8000-%012d', $at)] = PieFile::read((string) file_get_contents($file));
    }
    $ids = array_keys($designs);
    for ($at = 0; $at < $orders; $at++) {
        $wanted[] = new Order('o'.($at + 1), $ids[$at % count($ids)], $each, 600 + ($at * 37) % 420, OrderFrom::Scratch, Ending::Warm, null);
    }
    foreach (HouseDoughs::ids() as $id) {
        $formulas[$id] = HouseDoughs::of($id) ?? throw new LogicException($id);
    }
    $hands = array_map(static fn (int $one): Cook => new Cook("Cook $one", [new Hours(-480, -180), new Hours(240, 1200)]), range(1, $cooks));
    $kitchen = new DayKitchen($hands, array_map(static fn (int $one): DayOven => new DayOven("oven-$one", "Oven $one", $one % 2 === 0 ? OvenMode::Fan : OvenMode::Static, 0, $shelves, 600, 400, 5), range(1, $ovens)), 8, 2, 200, 200);
    $day = new Day('A day', '2026-11-28', $wanted, $kitchen, 10, [], []);
    foreach ([false, true] as $isQuick) {
        $times = [];
        foreach (range(1, 5) as $turn) {
            $started = hrtime(true);
            $whole = DayExpansion::of($day, null, $designs, $formulas, [], 21.0, OwnMinutes::none());
            $plan = Planner::plan($day, $whole->tasks, $whole->refused, [], null, [], $isQuick);
            $times[] = (hrtime(true) - $started) / 1e6;
        }
        sort($times);
        put([
            'bench' => "day $orders pies".($isQuick ? ' first answer' : ''), 'tasks' => count($whole->tasks->tasks), 'median_ms' => round($times[2]), 'least_ms' => round($times[0]), 'most_ms' => round($times[4]), 'late_minutes' => $plan->lateMinutes(),
            'possible' => $plan->isPossible, 'faults' => count(PlanCheck::faults($plan)), 'peak_mb' => round(memory_get_peak_usage() / 1e6),
        ]);
    }
}

if (($argv[1] ?? '') === 'small') {
    small((int) ($argv[2] ?? 100));
} else {
    large(12, 4, 2, 2, 3);
    large(60, 8, 8, 8, 8);
}

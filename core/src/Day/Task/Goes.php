<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Task;

use Hojaldre\Core\Batch\Prep\PrepAct;
use Hojaldre\Core\Day\Order;

/** Which orders each go of an act is for: what is wanted first is in the first pan. An order waits for every go that it takes of. */
final readonly class Goes
{
    /** What is left over of a pan by rounding is no further one (numerics). */
    private const ALMOST = 1e-6;

    /**
     * @param  array<int, list<Order>>  $ordersOf  by number of the pie
     * @return non-empty-list<list<string>> ids of the orders of each go
     */
    public static function of(PrepAct $act, array $ordersOf): array
    {
        $wants = [];
        foreach ($act->shares as $share) {
            $orders = $ordersOf[$share->number] ?? [];
            $count = array_sum(array_map(static fn (Order $one): int => $one->count, $orders));
            foreach ($orders as $order) {
                $wants[] = [$order->atMinute, $order->id, $share->grams * $order->count / max(1, $count)];
            }
        }
        sort($wants);
        $all = array_sum(array_column($wants, 2));
        $goes = array_fill(0, max(1, $act->goes), []);
        $before = 0.0;
        foreach ($wants as [, $id, $grams]) {
            $first = (int) floor(($before / max(self::ALMOST, $all)) * count($goes) + self::ALMOST);
            $before += $grams;
            $last = (int) ceil(($before / max(self::ALMOST, $all)) * count($goes) - self::ALMOST) - 1;
            for ($go = min($first, count($goes) - 1); $go <= min(max($first, $last), count($goes) - 1); $go++) {
                $goes[$go][] = $id;
            }
        }

        return array_map(static fn (array $ids): array => array_values(array_unique($ids)), $goes);
    }
}

<?php

declare(strict_types=1);

namespace App\Day;

/** What the pie of each order is called. */
final readonly class PieNames
{
    /** @return array<string, string> by order */
    public static function of(PlannedDay $planned): array
    {
        $names = [];
        foreach ($planned->plan->day->orders as $order) {
            $names[$order->id] = $planned->pies[$order->pie]->pie->name;
        }

        return $names;
    }
}

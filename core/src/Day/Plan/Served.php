<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Plan;

/** When an order is ready, all its loads together. */
final readonly class Served
{
    /**
     * @param  string  $order  its id
     * @param  int  $count  tins or pieces
     * @param  int  $readyMinute  the last of it
     */
    public function __construct(public string $order, public int $count, public int $dueMinute, public int $readyMinute)
    {
    }

    public function lateMinutes(): int
    {
        return max(0, $this->readyMinute - $this->dueMinute);
    }
}

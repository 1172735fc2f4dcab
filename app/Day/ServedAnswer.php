<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Schema;

#[Schema('Served')]
final readonly class ServedAnswer
{
    /**
     * @param  string  $order  its id
     * @param  int  $count  tins or pieces
     */
    public function __construct(public string $order, public int $count, public int $dueMinute, public int $readyMinute, public int $lateMinutes)
    {
    }
}

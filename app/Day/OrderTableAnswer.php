<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Day\Order;
use Hojaldre\Core\Day\OrderTable;
use Hojaldre\Core\Refusal\Refusal;

#[Schema('OrdersRead')]
final readonly class OrderTableAnswer
{
    /**
     * @param  list<Order>  $orders
     * @param  list<string>  $refused  what to mend, line by line
     */
    private function __construct(public array $orders, public array $refused)
    {
    }

    public static function of(OrderTable $read, Words $words): self
    {
        return new self($read->orders, array_map(static fn (Refusal $one): string => $words->mend($one), $read->refusals));
    }
}

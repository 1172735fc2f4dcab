<?php

declare(strict_types=1);

namespace Hojaldre\Core\AtOven;

use Hojaldre\Core\Statement\Statement;

/** One thing of the gate: what is looked at, and what it would cost to go on without it. */
final readonly class GateItem
{
    /**
     * @param  float|null  $wantedCelsius  that a thermometer is to read: an oven at least so much, a filling at most
     * @param  non-empty-list<GateCost>  $costs  of going in without it; of what is measured the mildest first
     * @param  Statement  $mend  what to do instead
     */
    public function __construct(public GateItemName $name, public Statement $title, public ?float $wantedCelsius, public array $costs, public Statement $mend)
    {
    }
}

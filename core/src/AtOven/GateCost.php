<?php

declare(strict_types=1);

namespace Hojaldre\Core\AtOven;

use Hojaldre\Core\Statement\Statement;

/** What going in as it is would cost. */
final readonly class GateCost
{
    /**
     * @param  float|null  $atCelsius  that was measured; null where nothing is measured
     * @param  list<Statement>  $says  in numbers where it was baked in simulation
     * @param  float|null  $waitMinutes  until it would be right; null where that is a matter of doing it
     */
    public function __construct(public ?float $atCelsius, public array $says, public ?float $waitMinutes)
    {
    }
}

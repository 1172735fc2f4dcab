<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/** When the hottest of it came below the limits of cooling, min out of the oven: an hour on a rack, then the fridge; null where it did not. */
final readonly class Cooling
{
    public function __construct(public ?float $hotMinutes = null, public ?float $warmMinutes = null, public ?float $coldMinutes = null)
    {
    }
}

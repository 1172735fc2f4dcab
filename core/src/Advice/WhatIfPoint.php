<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice;

use Hojaldre\Core\Forecast\Readings\Reading;

/** The readings at one setting of a lever. */
final readonly class WhatIfPoint
{
    /**
     * @param  float  $setting  in the lever's own unit
     * @param  bool  $isNow  whether the pie is designed so
     * @param  list<Reading>  $readings
     * @param  list<Change>  $changes  what makes the pie so
     */
    public function __construct(public float $setting, public bool $isNow, public array $readings, public array $changes)
    {
    }
}

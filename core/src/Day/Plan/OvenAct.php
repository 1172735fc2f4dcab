<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Plan;

/** A turn of an oven's dial. */
final readonly class OvenAct
{
    /**
     * @param  string  $oven  its id
     * @param  int  $minute  when to turn it
     * @param  int  $byMinute  when it is at its heat
     * @param  int  $celsius  inside; 0 for off
     * @param  int  $fromCelsius  that it has until then
     */
    public function __construct(public string $oven, public int $minute, public int $byMinute, public int $celsius, public int $fromCelsius)
    {
    }
}

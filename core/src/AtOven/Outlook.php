<?php

declare(strict_types=1);

namespace Hojaldre\Core\AtOven;

/** When a pie that is in the oven may come out, as far as is known now; 8 bakes in 10 lie between low and high. */
final readonly class Outlook
{
    /**
     * @param  float  $readyMinute  since it went in
     * @param  float  $movedMinutes  later than the forecast was before anything was seen or measured
     */
    public function __construct(public float $readyMinute, public float $lowMinute, public float $highMinute, public float $movedMinutes)
    {
    }

    public function width(): float
    {
        return $this->highMinute - $this->lowMinute;
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\AtOven;

/** One press at the oven; never changed once it is stored. */
final readonly class LogEvent
{
    /**
     * @param  string  $id  given by the device that it was pressed on
     * @param  string  $what  the act, the item of the gate, the event that is undone
     * @param  string  $answer  what was seen
     * @param  float|null  $value  minutes later; how wide the picture trembled, mm
     * @param  float  $atSeconds  of the device's clock
     * @param  string  $by  who pressed it; empty where it is not known
     */
    public function __construct(public string $id, public LogKind $kind, public LegName $leg, public string $what, public string $answer, public ?float $value, public float $atSeconds, public string $by = '')
    {
    }
}

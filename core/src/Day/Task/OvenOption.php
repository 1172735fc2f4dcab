<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Task;

/** One oven in which a task can be done, and the room that it takes there. */
final readonly class OvenOption
{
    /**
     * @param  string  $oven  its id
     * @param  int  $shelves  whole ones
     * @param  list<HeatPart>  $heats
     */
    public function __construct(public string $oven, public int $shelves, public array $heats)
    {
    }
}

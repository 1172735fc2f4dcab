<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Task;

/** Room that is taken from the end of one task to the beginning of another. */
final readonly class Hold
{
    /**
     * @param  int  $units  tins or trays
     * @param  string  $from  id of a task
     * @param  string  $to  id of a task that a bound leads to from there
     */
    public function __construct(public Resource $resource, public int $units, public string $from, public string $to)
    {
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Task;

/** Minutes of a task in which it takes something. */
final readonly class Part
{
    /**
     * @param  int  $fromMinute  from the beginning of the task
     * @param  int  $units  pairs of hands, rings, tins
     */
    public function __construct(public Resource $resource, public int $fromMinute, public int $minutes, public int $units = 1, public PartName $name = PartName::Work)
    {
    }

    public static function hands(int $fromMinute, int $minutes, PartName $name = PartName::Work): self
    {
        return new self(Resource::Hands, $fromMinute, $minutes, 1, $name);
    }
}

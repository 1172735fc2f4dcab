<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Task;

use Hojaldre\Core\Statement\Statement;

/** One thing of a day that is done in one go, with all that it takes minute by minute. */
final readonly class Task
{
    /**
     * @param  string  $id  the same for the same task of the same day, so that a mark or a pin stays with it
     * @param  list<string>  $orders  ids of the orders that it is for
     * @param  string  $load  what goes through the oven together; empty where a task is shared
     * @param  int  $minutes  from its beginning to its end
     * @param  list<Part>  $parts
     * @param  list<OvenOption>  $ovens  one of which it takes; empty where it takes none
     * @param  list<Statement>  $says
     */
    public function __construct(
        public string $id,
        public TaskKind $kind,
        public Statement $title,
        public array $orders,
        public string $load,
        public int $minutes,
        public array $parts,
        public array $ovens = [],
        public array $says = [],
    ) {
    }

    /** Minutes in which a pair of hands is at it. */
    public function handsMinutes(): int
    {
        return (int) array_sum(array_map(static fn (Part $one): int => $one->resource === Resource::Hands ? $one->minutes : 0, $this->parts));
    }

    /**
     * The same with other minutes, as it was or as it goes on.
     *
     * @param  list<Part>  $parts
     * @param  list<OvenOption>  $ovens
     */
    public function lasting(int $minutes, array $parts, array $ovens): self
    {
        return new self($this->id, $this->kind, $this->title, $this->orders, $this->load, $minutes, $parts, $ovens, $this->says);
    }
}

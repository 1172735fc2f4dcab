<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Task;

/** All that is to be done on a day, and what has to come before what. */
final readonly class DayTasks
{
    /**
     * @param  list<Task>  $tasks
     * @param  list<Bound>  $bounds
     * @param  list<Hold>  $holds
     * @param  list<Goal>  $goals
     */
    public function __construct(public array $tasks, public array $bounds, public array $holds, public array $goals)
    {
    }

    /** @return array<string, int> place of each task by its id */
    public function places(): array
    {
        return array_flip(array_map(static fn (Task $one): string => $one->id, $this->tasks));
    }
}

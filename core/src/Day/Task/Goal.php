<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Task;

/** One load that is to be ready at its time. */
final readonly class Goal
{
    /**
     * @param  string  $order  its id
     * @param  string  $task  with whose end it is ready
     * @param  int  $restMinutes  that it still rests after that
     * @param  string  $out  id of the task with whose end it is out of the oven, and goes stale; the same where there is no other
     * @param  int  $afterMinutes  from there until it can be ready
     * @param  int  $dueMinute  from midnight of the day
     * @param  int  $count  tins or pieces
     */
    public function __construct(public string $order, public string $task, public int $restMinutes, public string $out, public int $afterMinutes, public int $dueMinute, public int $count)
    {
    }
}

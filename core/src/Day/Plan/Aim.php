<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Plan;

/** A goal as numbers: the task that makes a load ready, what it rests after it, and when it is due. */
final readonly class Aim
{
    /**
     * @param  int  $task  its place
     * @param  int  $restMinutes  after it
     * @param  int  $out  place of the task with whose end it is out of the oven
     * @param  int  $afterMinutes  from there until it can be ready
     * @param  int  $dueMinute  from the first minute that is planned
     */
    public function __construct(public int $task, public int $restMinutes, public int $out, public int $afterMinutes, public int $dueMinute)
    {
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Plan;

use Hojaldre\Core\Statement\Statement;

/** One line of the list that a cook works from. */
final readonly class DayAct
{
    /**
     * @param  int|null  $cook  place among the cooks; null where it is nobody's in particular
     * @param  string  $task  id of its task; empty for a turn of an oven and for serving
     * @param  string  $oven  id of the oven that is turned; empty for the rest
     * @param  list<Statement>  $says
     * @param  bool  $isLast  with it the task is done
     */
    public function __construct(public int $fromMinute, public int $toMinute, public ?int $cook, public string $task, public string $oven, public Statement $title, public array $says, public bool $isLast)
    {
    }
}

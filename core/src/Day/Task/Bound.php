<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Task;

/** How long after one task another begins. */
final readonly class Bound
{
    /**
     * @param  string  $from  id of the task that ends
     * @param  string  $to  id of the task that begins
     * @param  int  $leastMinutes  between them: a rest, a cooling
     * @param  int|null  $mostMinutes  between them; null where it may wait
     */
    public function __construct(public string $from, public string $to, public int $leastMinutes, public ?int $mostMinutes, public Between $between = Between::Follows)
    {
    }
}

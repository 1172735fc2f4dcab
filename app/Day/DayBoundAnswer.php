<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Schema;
use Hojaldre\Core\Day\Task\Between;

#[Schema('DayBound')]
final readonly class DayBoundAnswer
{
    /**
     * @param  string  $from  id of the task that ends
     * @param  string  $to  id of the task that begins
     * @param  int  $leastMinutes  between them
     * @param  int|null  $mostMinutes  between them; null where it may wait
     */
    public function __construct(public string $from, public string $to, public int $leastMinutes, public ?int $mostMinutes, public Between $between)
    {
    }
}

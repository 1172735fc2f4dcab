<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Schema;

#[Schema('CalendarAddress')]
final readonly class CalendarAnswer
{
    /** @param  string  $address  for a calendar to subscribe to */
    public function __construct(public string $address)
    {
    }
}

<?php

declare(strict_types=1);

namespace App\AtOven;

use App\Contract\Schema;
use Hojaldre\Core\Document\ListOf;

#[Schema('OvenEventsWish')]
final readonly class EventsWish
{
    /** A limit of ours: more is sent in several goes (definition). */
    private const MOST = 200;

    /** @param  list<EventWish>  $events  in the order in which they were pressed */
    public function __construct(#[ListOf(EventWish::class, self::MOST, 1)] public array $events)
    {
    }
}

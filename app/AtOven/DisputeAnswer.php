<?php

declare(strict_types=1);

namespace App\AtOven;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\AtOven\LogEvent;
use Hojaldre\Core\AtOven\OvenLog;
use Hojaldre\Core\Statement\Statement;

/** The same was said twice, by two people, and not alike: which is right? */
#[Schema('Dispute')]
final readonly class DisputeAnswer
{
    /**
     * @param  string  $says  what is asked
     * @param  EventAnswer  $counts  the one that counts until somebody says
     * @param  EventAnswer  $other  the other one
     */
    private function __construct(public string $says, public EventAnswer $counts, public EventAnswer $other)
    {
    }

    /**
     * @param  list<StoredEvent>  $events
     * @return list<self>
     */
    public static function of(OvenLog $log, array $events, Words $words): array
    {
        $by = [];
        foreach ($events as $event) {
            $by[$event->id] = EventAnswer::of($event);
        }

        return array_map(static fn (array $pair): self => new self($words->say(self::question($pair[0])), $by[$pair[0]->id], $by[$pair[1]->id]), $log->disputes());
    }

    private static function question(LogEvent $event): Statement
    {
        return new Statement('dispute.'.$event->kind->value);
    }
}

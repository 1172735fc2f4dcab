<?php

declare(strict_types=1);

namespace App\AtOven;

use App\Contract\Schema;
use Hojaldre\Core\AtOven\LegName;
use Hojaldre\Core\AtOven\LogKind;

#[Schema('OvenEvent')]
final readonly class EventAnswer
{
    /**
     * @param  string  $id  uuid
     * @param  int  $at  ms since 1970
     */
    private function __construct(public string $id, public LogKind $kind, public LegName $leg, public string $what, public string $answer, public ?float $value, public int $at, public string $pressedBy)
    {
    }

    public static function of(StoredEvent $event): self
    {
        return new self($event->id, $event->kind, $event->leg, $event->what, $event->answer, $event->value, (int) $event->at->getTimestampMs(), $event->pressed_by);
    }
}

<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Day\Plan\DayPlan;
use Hojaldre\Core\Day\Plan\Idle;
use Hojaldre\Core\Statement\Statement;

/** A while in which a cook has nothing to do. */
#[Schema('Idle')]
final readonly class IdleAnswer
{
    /** @param  int  $cook  place among the cooks of the day */
    private function __construct(public int $cook, public int $fromMinute, public int $toMinute, public string $says)
    {
    }

    public static function of(Idle $idle, DayPlan $plan, Words $words): self
    {
        $during = $plan->task($idle->during);
        $says = new Statement($during === null ? 'day.idle' : 'day.idle-while', ['cook' => $plan->day->kitchen->cooks[$idle->cook]->name, 'idleMinutes' => $idle->toMinute - $idle->fromMinute, 'fromMinute' => $idle->fromMinute, ...($during === null ? [] : ['task' => $during->task->title])]);

        return new self($idle->cook, $idle->fromMinute, $idle->toMinute, $words->say($says));
    }
}

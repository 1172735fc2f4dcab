<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Day\Plan\DayAct;

/** One line of the list that people work from. */
#[Schema('DayAct')]
final readonly class DayActAnswer
{
    /**
     * @param  int|null  $cook  place among the cooks of the day; null where it is nobody's in particular
     * @param  string  $task  id of its task; empty for a turn of an oven and for serving
     * @param  string  $oven  id of the oven that is turned; empty for the rest
     * @param  list<string>  $says
     * @param  bool  $isLast  with it the task is done
     */
    private function __construct(public int $fromMinute, public int $toMinute, public ?int $cook, public string $task, public string $oven, public string $title, public array $says, public bool $isLast)
    {
    }

    public static function of(DayAct $act, Words $words): self
    {
        return new self($act->fromMinute, $act->toMinute, $act->cook, $act->task, $act->oven, $words->say($act->title), array_map($words->say(...), $act->says), $act->isLast);
    }
}

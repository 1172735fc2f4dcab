<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Csv;
use App\Wording\Words;
use Hojaldre\Core\Day\Plan\DayAct;
use Hojaldre\Core\Day\Plan\DayActs;
use Hojaldre\Core\Measure\ClockTime;

/** A planned day as a table (CSV, RFC 4180) with a head. */
final readonly class DayTable
{
    public static function of(PlannedDay $planned, Words $words): string
    {
        $cooks = $planned->plan->day->kitchen->cooks;
        $rows = array_map(static fn (DayAct $act): array => [ClockTime::of($act->fromMinute), ClockTime::of($act->toMinute), $act->cook === null ? '' : $cooks[$act->cook]->name, $words->say($act->title), $words->all($act->says)], DayActs::of($planned->plan, PieNames::of($planned)));

        return Csv::of([['from', 'to', 'who', 'act', 'mind'], ...$rows]);
    }
}

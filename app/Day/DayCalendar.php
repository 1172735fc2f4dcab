<?php

declare(strict_types=1);

namespace App\Day;

use App\Wording\Words;
use DateTimeImmutable;
use Hojaldre\Core\Day\Plan\DayAct;
use Hojaldre\Core\Day\Plan\DayActs;
use Sabre\VObject\Component\VCalendar;

/** A planned day as a calendar (iCalendar, RFC 5545): each act an entry, in the clock time of the kitchen, with an alarm when it begins. */
final readonly class DayCalendar
{
    private const LEAST_MINUTES = 1;

    public static function of(StoredDay $stored, PlannedDay $planned, Words $words): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Hojaldre//Oven day//EN', 'X-WR-CALNAME' => $stored->name]);
        $midnight = new DateTimeImmutable($planned->plan->day->date.' 00:00:00');
        $cooks = $planned->plan->day->kitchen->cooks;
        $seen = [];
        foreach (DayActs::of($planned->plan, PieNames::of($planned)) as $act) {
            $who = $act->cook === null ? '' : $cooks[$act->cook]->name.': ';
            $event = $calendar->createComponent('VEVENT', [
                'UID' => hash('sha256', $stored->id.'|'.self::name($act, $seen)).'@hojaldre',
                'SUMMARY' => $who.$words->say($act->title),
                'DESCRIPTION' => $words->all($act->says),
                // each save is newer than the one before
                'SEQUENCE' => $stored->revision,
            ]);
            self::time($event, 'DTSTART', $midnight, $act->fromMinute);
            self::time($event, 'DTEND', $midnight, max($act->toMinute, $act->fromMinute + self::LEAST_MINUTES));
            $event->add('VALARM', ['ACTION' => 'DISPLAY', 'TRIGGER' => 'PT0S', 'DESCRIPTION' => $who.$words->say($act->title)]);
            $calendar->add($event);
        }

        return $calendar->serialize();
    }

    /** In no zone: seven in the morning is seven where the oven stands. */
    private static function time(\Sabre\VObject\Component $event, string $name, DateTimeImmutable $midnight, int $minute): void
    {
        $event->add($name, $midnight->modify("$minute minutes")->format('Ymd\THis'));
    }

    /**
     * The same for the same act of a changed plan: the how manieth of its words at its task.
     *
     * @param  array<string, int>  $seen
     */
    private static function name(DayAct $act, array &$seen): string
    {
        $pie = $act->title->with['pie'] ?? '';
        $what = implode('|', [$act->task, $act->oven, $act->title->code, is_string($pie) ? $pie : '']);
        $seen[$what] = ($seen[$what] ?? 0) + 1;

        return "$what|$seen[$what]";
    }
}

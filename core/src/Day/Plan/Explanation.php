<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Plan;

use Hojaldre\Core\Day\DayOven;
use Hojaldre\Core\Day\HeatChange;
use Hojaldre\Core\Day\Task\Bound;
use Hojaldre\Core\Day\Task\HeatPart;
use Hojaldre\Core\Day\Task\Part;
use Hojaldre\Core\Day\Task\Resource;
use Hojaldre\Core\Statement\Statement;

/** Why a task is where it is: what keeps it from beginning a minute earlier, and a minute later. */
final readonly class Explanation
{
    /**
     * @param  list<Statement>  $notEarlier
     * @param  list<Statement>  $notLater
     */
    private function __construct(public PlannedTask $of, public array $notEarlier, public array $notLater)
    {
    }

    public static function of(DayPlan $plan, PlannedTask $one): self
    {
        $earlier = [...self::waits($plan, $one), ...self::hands($plan, $one, -1), ...self::oven($plan, $one, -1)];
        $later = [...self::followed($plan, $one), ...self::due($plan, $one), ...self::hands($plan, $one, 1), ...self::oven($plan, $one, 1)];

        return new self($one, $earlier === [] ? [new Statement('why.fresh')] : $earlier, $later === [] ? [new Statement('why.spare', ['spareMinutes' => max(0, $one->slackMinutes)])] : $later);
    }

    /** @return list<Statement> */
    private static function waits(DayPlan $plan, PlannedTask $one): array
    {
        $says = [];
        foreach ($plan->bounds as $bound) {
            $from = $bound->to === $one->task->id ? $plan->task($bound->from) : null;
            if ($from !== null && $one->startMinute <= $from->endMinute + $bound->leastMinutes) {
                $says[] = self::after($bound, $from);
            }
            // what must not stand long is begun no sooner than what comes after it is ready for it
            $to = $bound->from === $one->task->id ? $plan->task($bound->to) : null;
            if ($to !== null && $bound->mostMinutes !== null && $to->startMinute >= $one->endMinute + $bound->mostMinutes) {
                $says[] = new Statement('why.would-stand', ['task' => $to->task->title, 'mostMinutes' => $bound->mostMinutes]);
            }
        }

        return $says;
    }

    private static function after(Bound $bound, PlannedTask $from): Statement
    {
        return new Statement($bound->leastMinutes > 0 ? 'why.after-wait' : 'why.after', ['task' => $from->task->title, 'waitMinutes' => $bound->leastMinutes, 'between' => $bound->between->value]);
    }

    /** @return list<Statement> */
    private static function followed(DayPlan $plan, PlannedTask $one): array
    {
        $says = [];
        foreach ($plan->bounds as $bound) {
            $to = $bound->from === $one->task->id ? $plan->task($bound->to) : null;
            if ($to !== null && $to->startMinute <= $one->endMinute + $bound->leastMinutes) {
                $says[] = new Statement('why.before', ['task' => $to->task->title, 'waitMinutes' => $bound->leastMinutes, 'between' => $bound->between->value]);
            }
            $from = $bound->to === $one->task->id ? $plan->task($bound->from) : null;
            if ($from !== null && $bound->mostMinutes !== null && $one->startMinute >= $from->endMinute + $bound->mostMinutes) {
                $says[] = new Statement('why.soon', ['task' => $from->task->title, 'mostMinutes' => $bound->mostMinutes]);
            }
        }

        return $says;
    }

    /** @return list<Statement> */
    private static function due(DayPlan $plan, PlannedTask $one): array
    {
        foreach ($plan->all->goals as $goal) {
            if ($goal->task === $one->task->id && $one->endMinute + $goal->restMinutes >= $goal->dueMinute - $plan->day->spareMinutes) {
                return [new Statement('why.due', ['atMinute' => $goal->dueMinute, 'spareMinutes' => max(0, $goal->dueMinute - $one->endMinute - $goal->restMinutes)])];
            }
        }

        return [];
    }

    /**
     * @param  int  $by  a minute earlier or later
     * @return list<Statement> what all hands are at in the minute that it would want besides
     */
    private static function hands(DayPlan $plan, PlannedTask $one, int $by): array
    {
        foreach ($one->task->parts as $part) {
            $minute = $one->startMinute + $part->fromMinute + ($by < 0 ? -1 : $part->minutes);
            if ($part->resource !== Resource::Hands || self::isOwn($one, $minute)) {
                continue;
            }
            $there = count(array_filter($plan->day->kitchen->cooks, static fn ($cook): bool => $cook->isThere($minute)));
            if ($there === 0) {
                return [new Statement('why.nobody', ['atMinute' => $minute])];
            }
            $at = array_values(array_filter($plan->tasks, static fn (PlannedTask $other): bool => $other !== $one && array_filter($other->hands, static fn (HandsOn $hand): bool => $hand->fromMinute <= $minute && $minute < $hand->toMinute) !== []));
            if (count($at) >= $there) {
                return [new Statement('why.hands', ['tasks' => array_map(static fn (PlannedTask $other): Statement => $other->task->title, $at)])];
            }
        }

        return [];
    }

    private static function isOwn(PlannedTask $one, int $minute): bool
    {
        return array_filter($one->task->parts, static fn (Part $part): bool => $part->resource === Resource::Hands && $one->startMinute + $part->fromMinute <= $minute && $minute < $one->startMinute + $part->fromMinute + $part->minutes) !== [];
    }

    /** @return list<Statement> */
    private static function oven(DayPlan $plan, PlannedTask $one, int $by): array
    {
        foreach ($plan->day->kitchen->ovens as $oven) {
            foreach ($oven->id === $one->oven ? $plan->tasks : [] as $other) {
                if ($other !== $one && $other->oven === $one->oven && ($why = self::inTheWay($one, $other, $oven, $by)) !== null) {
                    return [$why];
                }
            }
        }

        return [];
    }

    private static function inTheWay(PlannedTask $one, PlannedTask $other, DayOven $oven, int $by): ?Statement
    {
        foreach (self::heats($one, $oven) as $mine) {
            foreach (self::heats($other, $oven) as $theirs) {
                [$from, $to] = [$one->startMinute + $mine->fromMinute + $by, $one->startMinute + $mine->fromMinute + $mine->minutes + $by];
                [$begins, $ends] = [$other->startMinute + $theirs->fromMinute, $other->startMinute + $theirs->fromMinute + $theirs->minutes];
                $isSame = abs($mine->celsius - $theirs->celsius) <= $oven->toleranceKelvins;
                $gap = $isSame ? 0 : ($by < 0 ? HeatChange::minutes($theirs->celsius, $mine->celsius) : HeatChange::minutes($mine->celsius, $theirs->celsius));
                $touches = $by < 0 ? $begins < $from && $from < $ends + $gap : $ends > $to && $to > $begins - $gap;
                if ($touches && ! $isSame) {
                    return new Statement('why.heat', ['task' => $other->task->title, 'oven' => $oven->name, 'ovenCelsius' => $theirs->celsius, 'changeMinutes' => $gap]);
                }
                if ($touches && ($by < 0 ? $from === $ends - 1 : $to === $begins + 1)) {
                    return new Statement('why.shelf', ['task' => $other->task->title, 'oven' => $oven->name]);
                }
            }
        }

        return null;
    }

    /** @return list<HeatPart> */
    private static function heats(PlannedTask $one, DayOven $oven): array
    {
        foreach ($one->task->ovens as $option) {
            if ($option->oven === $oven->id) {
                return $option->heats;
            }
        }

        return [];
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Plan;

use Hojaldre\Core\Day\Cook;
use Hojaldre\Core\Day\Day;
use Hojaldre\Core\Day\DayOven;
use Hojaldre\Core\Day\Hours;
use Hojaldre\Core\Day\Order;
use Hojaldre\Core\Statement\Statement;

/** What would bring a late day in time: one thing changed at a time, each planned anew. Cheapest first. */
final readonly class WaysOnTime
{
    /** More nobody weighs up (definition). */
    private const MOST = 3;

    /** Nobody is told to come later by the minute (definition). */
    private const STEP_MINUTES = 5;

    /** Earlier in the morning, and the evening before, minutes of the day (common practice, no source). */
    private const EARLIER_MINUTES = [30, 60, 120];

    private const EVENING = [-360, -180];

    /** Hands stay so long after the last is wanted (judgement). */
    private const AFTER_MINUTES = 30;

    /** Where nothing could be planned at all: worse than any lateness (numerics). */
    private const NO_PLAN = 100000;

    /**
     * @param  callable(Day): DayPlan  $planned
     * @return list<WayOnTime> none where nothing is late, or nothing of this helps
     */
    public static function of(DayPlan $now, callable $planned): array
    {
        $late = self::late($now);
        if ($late === 0) {
            return [];
        }
        $ways = [];
        foreach (self::changes($now) as [$act, $day]) {
            if (count(array_filter($ways, static fn (WayOnTime $one): bool => $one->lateMinutes === 0)) === self::MOST) {
                break;
            }
            $left = self::late($planned($day));
            if ($left < $late) {
                $ways[] = new WayOnTime($act, $day, $left);
            }
        }
        $clears = array_values(array_filter($ways, static fn (WayOnTime $one): bool => $one->lateMinutes === 0));
        usort($ways, static fn (WayOnTime $a, WayOnTime $b): int => $a->lateMinutes <=> $b->lateMinutes);

        return array_slice($clears !== [] ? $clears : $ways, 0, self::MOST);
    }

    private static function late(DayPlan $plan): int
    {
        return $plan->isPossible ? $plan->lateMinutes() : self::NO_PLAN;
    }

    /** @return iterable<array{Statement, Day}> */
    private static function changes(DayPlan $now): iterable
    {
        $day = $now->day;
        foreach ($day->orders as $order) {
            if ($order->tins !== null) {
                yield [new Statement('way-day.tin', ['order' => $order->id, 'tins' => $order->tins + 1]), self::withOrder($day, $order->withTins($order->tins + 1))];
            }
        }
        $late = array_values(array_filter($now->served, static fn (Served $one): bool => $one->lateMinutes() > 0));
        if (count($late) === 1) {
            yield self::later($day, $late[0]);
        }
        yield from self::longer($day);
        yield from self::earlier($day);
        foreach ($day->kitchen->ovens as $at => $oven) {
            yield [
                new Statement('way-day.shelf', ['oven' => $oven->name, 'shelves' => $oven->shelves + 1]),
                $day->withKitchen($day->kitchen->withOvens(array_map(static fn (DayOven $one, int $i): DayOven => $i === $at ? $one->withShelves($one->shelves + 1) : $one, $day->kitchen->ovens, array_keys($day->kitchen->ovens)))),
            ];
        }
        $hours = $day->kitchen->cooks[0]->hours;
        yield [new Statement('way-day.cook'), $day->withKitchen($day->kitchen->withCooks([...$day->kitchen->cooks, new Cook('+', $hours)]))];
        if (count($late) > 1) {
            $orders = $day->orders;
            foreach ($late as $one) {
                $orders = array_map(static fn (Order $order): Order => $order->id === $one->order ? $order->at(self::step($one)) : $order, $orders);
            }
            yield [new Statement('way-day.all-later', ['orders' => count($late), 'laterMinutes' => max(array_map(static fn (Served $one): int => self::step($one) - $one->dueMinute, $late))]), $day->withOrders(array_values($orders))];
        }
    }

    /** @return array{Statement, Day} */
    private static function later(Day $day, Served $late): array
    {
        foreach ($day->orders as $order) {
            if ($order->id === $late->order) {
                return [new Statement('way-day.later', ['order' => $order->id, 'atMinute' => self::step($late)]), self::withOrder($day, $order->at(self::step($late)))];
            }
        }

        return [new Statement('way-day.cook'), $day];
    }

    /** @return iterable<array{Statement, Day}> */
    private static function earlier(Day $day): iterable
    {
        $first = min([Day::LATEST_MINUTE, ...array_map(static fn (Cook $one): int => $one->hours[0]->fromMinute, $day->kitchen->cooks)]);
        foreach (self::EARLIER_MINUTES as $minutes) {
            yield [new Statement('way-day.earlier', ['atMinute' => $first - $minutes]), self::working($day, static fn (Cook $one): array => [new Hours(max(Day::EARLIEST_MINUTE, $one->hours[0]->fromMinute - $minutes), $one->hours[0]->toMinute), ...array_slice($one->hours, 1)])];
        }
        if ($first > self::EVENING[1]) {
            yield [new Statement('way-day.evening', ['fromMinute' => self::EVENING[0], 'workHours' => intdiv(self::EVENING[1] - self::EVENING[0], 60)]), self::working($day, static fn (Cook $one): array => [new Hours(...self::EVENING), ...$one->hours])];
        }
    }

    /** @param  callable(Cook): list<Hours>  $hours */
    private static function working(Day $day, callable $hours): Day
    {
        return $day->withKitchen($day->kitchen->withCooks(array_map(static fn (Cook $one): Cook => $one->withHours($hours($one)), $day->kitchen->cooks)));
    }

    /** @return iterable<array{Statement, Day}> where the last is wanted when nobody is there any more */
    private static function longer(Day $day): iterable
    {
        $ends = max([Day::EARLIEST_MINUTE, ...array_map(static fn (Cook $one): int => max([Day::EARLIEST_MINUTE, ...array_map(static fn (Hours $of): int => $of->toMinute, $one->hours)]), $day->kitchen->cooks)]);
        $last = max([0, ...array_map(static fn (Order $one): int => $one->atMinute, $day->orders)]) + self::AFTER_MINUTES;
        if ($last > $ends) {
            yield [new Statement('way-day.longer', ['atMinute' => $last]), self::working($day, static fn (Cook $one): array => array_map(
                static fn (Hours $of, int $at): Hours => $at === count($one->hours) - 1 ? new Hours($of->fromMinute, $last) : $of, $one->hours, array_keys($one->hours),
            ))];
        }
    }

    private static function step(Served $late): int
    {
        return min(1439, (int) (ceil($late->readyMinute / self::STEP_MINUTES) * self::STEP_MINUTES));
    }

    private static function withOrder(Day $day, Order $new): Day
    {
        return $day->withOrders(array_map(static fn (Order $one): Order => $one->id === $new->id ? $new : $one, $day->orders));
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Day;

use Hojaldre\Core\Day\Cook;
use Hojaldre\Core\Day\Day;
use Hojaldre\Core\Day\DayKitchen;
use Hojaldre\Core\Day\DayOven;
use Hojaldre\Core\Day\HeatChange;
use Hojaldre\Core\Day\Hours;
use Hojaldre\Core\Day\Order;
use Hojaldre\Core\Day\OrderFrom;
use Hojaldre\Core\Day\OrderTable;
use Hojaldre\Core\Day\OwnMinutes;
use Hojaldre\Core\Day\Plan\DayActs;
use Hojaldre\Core\Day\Plan\OvenAct;
use Hojaldre\Core\Day\Plan\WaysOnTime;
use Hojaldre\Core\Day\Task\Footprint;
use Hojaldre\Core\Day\Task\TaskKind;
use Hojaldre\Core\Measure\ClockTime;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Refusal\Refusal;
use Hojaldre\Core\Tin\FoldedPieces;
use Hojaldre\Core\Tin\RectangularTin;
use Hojaldre\Core\Tin\StraightTin;
use PHPUnit\Framework\TestCase;

final class SmallRulesTest extends TestCase
{
    /** Up 10 K a minute; down from 200 by 20, 35 and 55: 45 ln(180/160) = 5.3, 45 ln(180/145) = 9.7, 45 ln(180/125) = 16.4. */
    public function test_an_oven_takes_its_time_up_and_down(): void
    {
        self::assertSame([17, 2, 0], [HeatChange::minutes(20, 190), HeatChange::minutes(180, 200), HeatChange::minutes(180, 180)]);
        self::assertSame([6, 10, 17], [HeatChange::minutes(200, 180), HeatChange::minutes(200, 165), HeatChange::minutes(200, 145)]);
    }

    /** Of 440 by 360: tins of 24 take 26, so one; of 20 take 22, so two by one; an oblong of 35 by 11 and 0.4 takes 37.4 by 13.4, so two; half-moons of 12 take 13.2 by 7.2, so three by five. */
    public function test_a_shelf_takes_so_many_of_a_size(): void
    {
        $oven = new DayOven('o', 'Oven', OvenMode::Static, 0, 2, 440, 360, 5);
        self::assertSame([1, 2], [Footprint::of(new StraightTin(240, 35))->aShelf($oven), Footprint::of(new StraightTin(200, 35))->aShelf($oven)]);
        self::assertSame(2, Footprint::of(new RectangularTin(350, 110, 30, 4))->aShelf($oven));
        self::assertSame(15, Footprint::of(FoldedPieces::halfMoons(12, 120))->aShelf($oven));
        self::assertSame(0, Footprint::of(new StraightTin(500, 35))->aShelf($oven));
    }

    public function test_a_pace_is_the_median_of_three_or_more_and_leaves_out_what_was_a_pause(): void
    {
        $log = static fn (float ...$took): array => array_map(static fn (float $one): array => ['kind' => TaskKind::Line, 'plannedMinutes' => 10.0, 'tookMinutes' => $one], array_values($took));
        self::assertSame(10, OwnMinutes::from($log(14.0, 16.0))->of(TaskKind::Line, 10));
        self::assertSame(14, OwnMinutes::from($log(12.0, 14.0, 15.0))->of(TaskKind::Line, 10));
        self::assertSame(13, OwnMinutes::from($log(12.0, 14.0, 15.0, 11.0))->of(TaskKind::Line, 10));
        // an hour at the door is no lining
        self::assertSame(12, OwnMinutes::from($log(11.0, 12.0, 13.0, 70.0))->of(TaskKind::Line, 10));
        self::assertSame(10, OwnMinutes::from($log(14.0, 14.0, 14.0))->of(TaskKind::Fill, 10));
        // an oven has no pace of its own
        self::assertSame(10, OwnMinutes::from(array_fill(0, 3, ['kind' => TaskKind::Bake, 'plannedMinutes' => 10.0, 'tookMinutes' => 20.0]))->of(TaskKind::Bake, 10));
    }

    public function test_a_table_is_read_with_any_divider_and_as_people_write_times(): void
    {
        $names = ['a' => 'Trout quiche', 'b' => 'Beetroot hand pies', 'c' => 'Beetroot tart'];
        $read = OrderTable::read("Pie;count;time\n\"Trout quiche\";2;9.30\nbeetroot hand;12;1115;frozen\n\nTrout quiche;1;7 pm;baked\r\ntrout;3;14", $names);
        self::assertSame([], $read->refusals);
        self::assertSame([['a', 2, 570, OrderFrom::Scratch], ['b', 12, 675, OrderFrom::Frozen], ['a', 1, 1140, OrderFrom::Baked], ['a', 3, 840, OrderFrom::Scratch]], array_map(static fn (Order $one): array => [$one->pie, $one->count, $one->atMinute, $one->from], $read->orders));
    }

    public function test_a_line_that_is_not_understood_is_told_with_its_place(): void
    {
        $names = ['b' => 'Beetroot hand pies', 'c' => 'Beetroot tart'];
        $read = OrderTable::read("Beetroot,1,9:00\nBeetroot tart,0,9:00\nBeetroot tart,1,25:00\nBeetroot tart,1,13 pm\nBeetroot tart,1,9:00,thawed\nBeetroot tart,1,9:70", $names);
        self::assertSame([], $read->orders);
        self::assertSame([['table-pie', 1], ['table-count', 2], ['table-time', 3], ['table-time', 4], ['table-from', 5], ['table-time', 6]], array_map(static fn (Refusal $one): array => [$one->code, $one->with['line']], $read->refusals));
    }

    public function test_a_clock_goes_round(): void
    {
        self::assertSame(['09:05', '23:00', '00:30'], [ClockTime::of(545), ClockTime::of(-60), ClockTime::of(1470)]);
        self::assertSame([0, -1, 1, -2], [ClockTime::days(545), ClockTime::days(-60), ClockTime::days(1470), ClockTime::days(-1441)]);
    }

    public function test_a_day_refuses_what_cannot_be(): void
    {
        $kitchen = new DayKitchen([new Cook('Ada', [new Hours(300, 900)])], [new DayOven('o', 'Oven', OvenMode::Static, 0, 2, 440, 360, 5)], 4, 1, 10, 10);
        $codes = static fn ($of): array => array_map(static fn (Refusal $one): string => $one->code, $of->refusals());
        self::assertSame(['no-such-date'], $codes(new Day('A day', '2026-02-30', [], $kitchen, 0, [], [])));
        self::assertSame([], $codes(new Day('A day', '2026-02-28', [], $kitchen, 0, [], [])));
        self::assertSame(['hours-end-first'], $codes(new Hours(900, 900)));
        self::assertSame(['oven-twice'], $codes($kitchen->withOvens([$kitchen->ovens[0], $kitchen->ovens[0]])));
    }

    /** One oven, one shelf: two of 30 wanted at 600 with hands from 555 only. The second is 30 - 15 late; serving it later or a second shelf clears it, one more cook does not. */
    public function test_ways_to_be_on_time_are_planned_and_only_those_that_help_are_told(): void
    {
        $day = (new SmallDay)->oven('a', 30, 180, 'a')->oven('b', 30, 180, 'b')->wanted('a', 600)->wanted('b', 600);
        $day->hours = [new Hours(540, 700)];
        $plan = $day->plan();
        // cold until 556: 16 minutes to 180
        self::assertSame(556 + 60 - 600, $plan->lateMinutes());
        $codes = [];
        foreach (WaysOnTime::of($plan, function (Day $changed) use ($day) {
            $again = clone $day;
            $again->hours = $changed->kitchen->cooks[0]->hours;
            $again->shelves = $changed->kitchen->ovens[0]->shelves;

            return $again->plan();
        }) as $way) {
            $codes[] = $way->act->code;
            self::assertSame(0, $way->lateMinutes);
        }
        self::assertSame(['way-day.earlier', 'way-day.earlier', 'way-day.earlier'], $codes);
    }

    public function test_an_oven_is_lit_turned_down_and_off_in_time(): void
    {
        $plan = (new SmallDay)->oven('a', 30, 200, 'a')->oven('b', 30, 180, 'b')->wanted('a', 564)->wanted('b', 600)->plan();
        // 18 minutes to 200, six down to 180
        self::assertSame([[516, 534, 200], [564, 570, 180], [600, 600, 0]], array_map(static fn (OvenAct $one): array => [$one->minute, $one->byMinute, $one->celsius], $plan->ovenActs));
        $codes = array_map(static fn ($one): string => $one->title->code, DayActs::of($plan, ['a' => 'Tart', 'b' => 'Quiche']));
        self::assertSame(['day-act.oven-on', 'day-act.oven-down', 'day-act.served', 'day-act.oven-off', 'day-act.served'], $codes);
    }

    public function test_an_oven_that_stands_empty_for_long_is_turned_off_between(): void
    {
        $plan = (new SmallDay)->oven('a', 30, 180, 'a')->oven('b', 30, 180, 'b')->wanted('a', 500)->wanted('b', 700)->plan();
        self::assertSame([180, 0, 180, 0], array_map(static fn (OvenAct $one): int => $one->celsius, $plan->ovenActs));
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Day;

use Hojaldre\Core\Day\Cook;
use Hojaldre\Core\Day\Day;
use Hojaldre\Core\Day\DayKitchen;
use Hojaldre\Core\Day\DayOven;
use Hojaldre\Core\Day\Ending;
use Hojaldre\Core\Day\Hours;
use Hojaldre\Core\Day\Order;
use Hojaldre\Core\Day\OrderFrom;
use Hojaldre\Core\Day\OwnMinutes;
use Hojaldre\Core\Day\Pin;
use Hojaldre\Core\Day\Plan\DayPlan;
use Hojaldre\Core\Day\Plan\Explanation;
use Hojaldre\Core\Day\Plan\HandsOn;
use Hojaldre\Core\Day\Plan\HandsPlan;
use Hojaldre\Core\Day\Plan\OvenAct;
use Hojaldre\Core\Day\Plan\Planner;
use Hojaldre\Core\Day\Plan\WaysOnTime;
use Hojaldre\Core\Day\Task\DayExpansion;
use Hojaldre\Core\Day\Task\Part;
use Hojaldre\Core\Day\Task\RestAfter;
use Hojaldre\Core\Day\Task\Task;
use Hojaldre\Core\Day\Task\TaskKind;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Pastry\Crust;
use Hojaldre\Core\Pastry\Dough\HouseDoughs;
use Hojaldre\Core\Pastry\Glaze;
use Hojaldre\Core\Pastry\Lid;
use Hojaldre\Core\Pastry\Lining;
use Hojaldre\Core\Pastry\Seal;
use Hojaldre\Core\Statement\Statement;
use Hojaldre\Core\Tests\OtherPies;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\TestCase;

/** One thing a plan is made of at a time, each with its sum by hand. */
final class PlanPartsTest extends TestCase
{
    /** A custard 12, a pasty 15, a pot pie 10, what has neither 10 (common practice, no source). */
    public function test_each_pie_rests_as_its_kind_does(): void
    {
        $quiche = TroutQuiche::pie();
        $leeks = $quiche->withLayers([TroutQuiche::leeks()]);
        $potPie = $leeks->withCrust(new Crust($quiche->crust->dough, 3, [], Seal::None, Lining::LidOnly, new Lid(3, 0.01, Glaze::Egg)));
        self::assertSame([12, 15, 10, 10], array_map(static fn ($pie): int => RestAfter::minutes($pie, Ending::Warm, 21), [$quiche, OtherPies::folds(), $leeks, $potPie]));
    }

    /** Colder kitchens cool faster, deeper pies slower, and nothing stands longer than three hours to cool. */
    public function test_a_pie_that_is_cut_cold_waits_longer_the_deeper_it_is(): void
    {
        $shallow = RestAfter::minutes(TroutQuiche::pie(), Ending::Cold, 21);
        $deep = RestAfter::minutes(OtherPies::deep(), Ending::Cold, 21);
        self::assertGreaterThan(45, $shallow);
        self::assertGreaterThan($shallow, $deep);
        self::assertLessThanOrEqual(180, $deep);
    }

    /** Wanted at 900, on the rack since 430: that is more than four hours, and a pin that says so gives way. */
    public function test_nothing_stands_longer_than_four_hours(): void
    {
        $day = (new SmallDay)->oven('bake', 30, 180, 'p')->hands('cut', 5, 'p')->then('bake', 'cut', 10, 60)->wanted('cut', 900);
        $day->pins = [new Pin('bake', 400)];
        self::assertSame(['bake'], $day->plan()->brokenPins);
        $day->pins = [new Pin('bake', 600)];
        self::assertSame([], $day->plan()->brokenPins);
    }

    /** Hands are full from 640 to 670; filled by 640 at the latest, in by 650, for ten minutes it may stand. */
    public function test_a_bake_moves_up_to_what_must_not_stand_before_it(): void
    {
        $day = (new SmallDay)->hands('busy', 30)->hands('fill', 5, 'p')->oven('bake', 30, 180, 'p')->then('fill', 'bake', 0, 10)->wanted('bake', 700);
        $day->pins = [new Pin('busy', 640)];
        $plan = $day->plan();
        self::assertSame([635, 650], [SmallDay::task($plan, 'fill')->startMinute, SmallDay::task($plan, 'bake')->startMinute]);
    }

    /** Two of 30 in one oven, both wanted at 600: one stands 30, the day is 60 long; with ten to spare both are ten earlier. */
    public function test_a_plan_costs_what_stands_and_how_long_the_day_is(): void
    {
        $day = (new SmallDay)->oven('a', 30, 180, 'a')->oven('b', 30, 180, 'b')->wanted('a', 600)->wanted('b', 600);
        $cost = $day->plan()->cost;
        self::assertSame([0, 0, 30, 60, 90.0], [$cost?->lateMinutes, $cost?->shortMinutes, $cost?->standMinutes, $cost?->spanMinutes, $cost?->minutes()]);
        $day->spare = 10;
        $spared = $day->plan()->cost;
        self::assertSame([0, 30, 70], [$spared?->shortMinutes, $spared?->standMinutes, $spared?->spanMinutes]);
    }

    /** Late by 20 and 50: begun at 500 with hands only, 40 and 40 of one cook, wanted at 520 and 530. */
    public function test_lateness_is_counted_for_each_and_eats_what_was_to_spare_first(): void
    {
        $day = (new SmallDay)->hands('a', 40, 'a')->hands('b', 40, 'b')->wanted('a', 520)->wanted('b', 530);
        $day->hours = [new Hours(500, 900)];
        $day->spare = 10;
        $plan = $day->plan();
        self::assertSame([70, 20], [$plan->cost?->lateMinutes, $plan->cost?->shortMinutes]);
        self::assertEqualsCanonicalizing([540, 580], array_map(static fn ($one): int => $one->readyMinute, $plan->served));
    }

    /** Mixed at 400 by a pin, thirty to rest, rolled at 500: the mix could be seventy later. */
    public function test_slack_is_what_a_rest_does_not_need(): void
    {
        $day = (new SmallDay)->hands('mix', 10)->hands('roll', 10, 'p')->then('mix', 'roll', 30)->wanted('roll', 510);
        $day->pins = [new Pin('mix', 390)];
        $plan = $day->plan();
        self::assertSame([70, 0], [SmallDay::task($plan, 'mix')->slackMinutes, SmallDay::task($plan, 'roll')->slackMinutes]);
    }

    /** One after the other at one pair of hands: what holds up the second holds up the first. */
    public function test_slack_goes_through_hands_and_ovens(): void
    {
        $hands = (new SmallDay)->hands('a', 20, 'a')->hands('b', 20, 'b')->wanted('a', 900)->wanted('b', 600)->plan();
        self::assertSame(0, SmallDay::task($hands, 'b')->slackMinutes);
        $oven = new SmallDay;
        $oven->oven('a', 30, 200, 'a')->oven('b', 30, 180, 'b')->wanted('a', 564)->wanted('b', 600);
        $plan = $oven->plan();
        self::assertTrue(SmallDay::task($plan, 'a')->isTight);
        self::assertTrue(SmallDay::task($plan, 'b')->isTight);
    }

    public function test_an_oven_that_must_change_for_the_next_is_why_it_is_not_later(): void
    {
        $plan = (new SmallDay)->oven('a', 30, 200, 'a')->oven('b', 30, 180, 'b')->wanted('a', 570)->wanted('b', 600)->plan();
        $codes = array_map(static fn (Statement $one): string => $one->code, Explanation::of($plan, SmallDay::task($plan, 'a'))->notLater);
        self::assertSame(['why.heat'], $codes);
    }

    /** Ada goes home at 500, Ben comes then: twenty minutes from 490 are handed over. */
    public function test_where_one_goes_home_another_takes_over(): void
    {
        $kitchen = new DayKitchen([new Cook('Ada', [new Hours(0, 500)]), new Cook('Ben', [new Hours(500, 900)])], [], 4, 1, 9, 9);
        $hands = HandsPlan::of([self::work('a', '', 20)], [490], $kitchen);
        self::assertSame([[0, 490, 500], [1, 500, 510]], array_map(static fn (HandsOn $one): array => [$one->cook, $one->fromMinute, $one->toMinute], $hands[0]));
    }

    public function test_a_cook_stays_with_the_pie_they_were_at(): void
    {
        $kitchen = new DayKitchen([new Cook('Ada', [new Hours(0, 900)]), new Cook('Ben', [new Hours(0, 900)])], [], 4, 1, 9, 9);
        $tasks = [self::work('line-a', 'a', 20), self::work('line-b', 'b', 20), self::work('fill-b', 'b', 10), self::work('fill-a', 'a', 10)];
        $hands = HandsPlan::of($tasks, [100, 100, 130, 130], $kitchen);
        $cooks = array_map(static fn (array $own): int => $own[0]->cook, $hands);
        self::assertSame($cooks[0], $cooks[3]);
        self::assertSame($cooks[1], $cooks[2]);
        self::assertNotSame($cooks[0], $cooks[1]);
    }

    public function test_heats_that_may_share_want_no_turn_of_the_dial(): void
    {
        $plan = (new SmallDay)->oven('a', 30, 184, 'a')->oven('b', 30, 180, 'b')->wanted('a', 560)->wanted('b', 600)->plan();
        self::assertCount(2, $plan->ovenActs);
        self::assertSame([0, 600], [$plan->ovenActs[1]->celsius, $plan->ovenActs[1]->minute]);
        // empty for an hour and a quarter it stays on, a minute longer it is turned off
        $near = (new SmallDay)->oven('a', 30, 180, 'a')->oven('b', 30, 180, 'b')->wanted('a', 495)->wanted('b', 600)->plan();
        self::assertSame([180, 0], array_map(static fn (OvenAct $one): int => $one->celsius, $near->ovenActs));
        $far = (new SmallDay)->oven('a', 30, 180, 'a')->oven('b', 30, 180, 'b')->wanted('a', 494)->wanted('b', 600)->plan();
        self::assertSame([180, 0, 180, 0], array_map(static fn (OvenAct $one): int => $one->celsius, $far->ovenActs));
    }

    public function test_free_hands_are_told_with_what_is_in_the_oven_meanwhile(): void
    {
        $plan = (new SmallDay)->hands('fill', 5, 'p')->oven('bake', 40, 180, 'p')->hands('cut', 5, 'p')->then('fill', 'bake')->then('bake', 'cut')->wanted('cut', 600)->plan();
        self::assertCount(1, $plan->idles);
        self::assertSame([0, 555, 595, 'bake'], [$plan->idles[0]->cook, $plan->idles[0]->fromMinute, $plan->idles[0]->toMinute, $plan->idles[0]->during]);
    }

    /** What is cut goes into the pie by way of the pan, and is not waited for twice. */
    public function test_what_is_cut_reaches_its_pie_through_the_pan(): void
    {
        $whole = self::expanded(self::quiches(1, null));
        self::assertSame([], array_filter($whole->tasks->bounds, static fn ($one): bool => $one->from === 'cut:leeks' && $one->to === 'fill:o1.1'));
        self::assertCount(1, array_filter($whole->tasks->bounds, static fn ($one): bool => $one->from === 'cut:leeks' && $one->to === 'cook:leeks:sweated and pressed:0'));
    }

    /** Hands stay while it is open and pressed, and look in once when the lid is on; the ring is wanted but for the two minutes of pressing. */
    public function test_a_lid_frees_the_hands_and_not_the_ring(): void
    {
        foreach (self::expanded(self::quiches(1, null))->tasks->tasks as $task) {
            if ($task->kind === TaskKind::Cook && str_contains($task->id, 'leeks')) {
                $rings = array_sum(array_map(static fn (Part $one): int => $one->resource->value === 'ring' ? $one->minutes : 0, $task->parts));
                self::assertSame($task->minutes - 2, $rings);
                self::assertLessThan($task->minutes, $task->handsMinutes());
                self::assertGreaterThan(3, $task->handsMinutes());
            }
        }
    }

    /** Two quiches, one tin, and no time to bake one after the other: a second tin has them in time. */
    public function test_a_second_tin_is_a_way_to_be_in_time(): void
    {
        $planned = static function (Day $day): DayPlan {
            $whole = self::expanded($day);

            return Planner::plan($day, $whole->tasks, $whole->refused, [], null, [], true);
        };
        $late = $planned(self::quiches(2, 1));
        self::assertGreaterThan(0, $late->lateMinutes());
        $ways = WaysOnTime::of($late, $planned);
        self::assertSame(['way-day.tin', 2, 'o1', 0], [$ways[0]->act->code, $ways[0]->act->with['tins'], $ways[0]->act->with['order'], $ways[0]->lateMinutes]);
    }

    public function test_hands_that_go_home_too_early_may_stay(): void
    {
        $day = self::quiches(1, null);
        $short = $day->withKitchen($day->kitchen->withCooks([new Cook('Ada', [new Hours(300, 640)])]));
        $planned = static function (Day $of): DayPlan {
            $whole = self::expanded($of);

            return Planner::plan($of, $whole->tasks, $whole->refused, [], null, [], true);
        };
        self::assertFalse($planned($short)->isPossible);
        $ways = WaysOnTime::of($planned($short), $planned);
        // half an hour after the last is wanted
        self::assertSame(['way-day.longer', 930], [$ways[0]->act->code, $ways[0]->act->with['atMinute']]);
    }

    private static function work(string $id, string $load, int $minutes): Task
    {
        return new Task($id, TaskKind::Fill, new Statement('task.fill'), [], $load, $minutes, [Part::hands(0, $minutes)]);
    }

    /** Wanted at 900 from 600 on, in an oven of two shelves. */
    private static function quiches(int $count, ?int $tins): Day
    {
        $pie = '00000000-0000-4000-8000-000000000001';

        return new Day('A day', '2026-11-28', [new Order('o1', $pie, $count, 900, OrderFrom::Scratch, Ending::Warm, $tins)], new DayKitchen(
            [new Cook('Ada', [new Hours(600, 1200)])], [new DayOven('oven', 'Oven', OvenMode::Static, 0, 2, 440, 360, 5)], 4, 1, 20, 20,
        ), 0, [], []);
    }

    private static function expanded(Day $day): DayExpansion
    {
        $formula = HouseDoughs::of('shortcrust') ?? throw new \LogicException('no shortcrust');

        return DayExpansion::of($day, null, [$day->orders[0]->pie => TroutQuiche::pie()], ['shortcrust' => $formula], [], 21.0, OwnMinutes::none());
    }
}

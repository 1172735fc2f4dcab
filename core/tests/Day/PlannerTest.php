<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Day;

use Hojaldre\Core\Day\Failure;
use Hojaldre\Core\Day\Hours;
use Hojaldre\Core\Day\Pin;
use Hojaldre\Core\Day\Plan\AsTold;
use Hojaldre\Core\Day\Plan\Mark;
use Hojaldre\Core\Day\Plan\PlanCheck;
use Hojaldre\Core\Day\Plan\Planner;
use Hojaldre\Core\Day\Plan\TaskState;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PlannerTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 40) as $seed) {
            yield "day $seed" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_no_plan_uses_anything_twice_or_breaks_a_bound_and_none_beats_its_bound(int $seed): void
    {
        [$day, $tasks] = RandomDay::of($seed);
        $plan = Planner::plan($day, $tasks, [], [], null, [], true);
        self::assertTrue($plan->isPossible);
        self::assertSame([], PlanCheck::faults($plan));
        self::assertGreaterThanOrEqual($plan->boundMinutes, $plan->cost?->minutes());
        self::assertGreaterThanOrEqual($plan->leastLateMinutes, $plan->lateMinutes());
        if ($plan->lateMinutes() === 0) {
            self::assertLessThanOrEqual($plan->latestStartMinute, $plan->startMinute());
        }
    }

    public function test_the_same_day_has_the_same_plan(): void
    {
        [$day, $tasks] = RandomDay::of(77);
        self::assertEquals(Planner::plan($day, $tasks, []), Planner::plan($day, $tasks, []));
    }

    public function test_a_longer_search_is_never_worse(): void
    {
        foreach ([3, 8, 21] as $seed) {
            [$day, $tasks] = RandomDay::of($seed);
            self::assertLessThanOrEqual(Planner::plan($day, $tasks, [], [], null, [], true)->cost?->minutes(), Planner::plan($day, $tasks, [])->cost?->minutes());
        }
    }

    /** Two pies of 30 at 180 on one shelf, both wanted at 600: one of them is out by 570. With a second shelf both go in at 570. */
    public function test_two_pies_share_an_oven_only_where_there_is_a_shelf(): void
    {
        $day = (new SmallDay)->oven('a', 30, 180, 'a')->oven('b', 30, 180, 'b')->wanted('a', 600)->wanted('b', 600);
        self::assertSame(540, $day->plan()->startMinute());
        $day->shelves = 2;
        self::assertSame(570, $day->plan()->startMinute());
    }

    /** 180 and 184 share, 180 and 200 do not: 200 first and then 45 ln(180 / 160) = 5.3, so 6 minutes down. */
    public function test_an_oven_has_one_heat_at_a_time_and_takes_time_to_change(): void
    {
        $day = new SmallDay;
        $day->shelves = 2;
        $day->oven('a', 30, 180, 'a')->oven('b', 30, 184, 'b')->wanted('a', 600)->wanted('b', 600);
        self::assertSame(570, $day->plan()->startMinute());
        $far = new SmallDay;
        $far->shelves = 2;
        $far->oven('a', 30, 180, 'a')->oven('b', 30, 200, 'b')->wanted('a', 600)->wanted('b', 564);
        // either 200 is out by 564 and 180 in by 570, or the other way about it would be late
        self::assertSame([534, 570], [SmallDay::task($far->plan(), 'b')->startMinute, SmallDay::task($far->plan(), 'a')->startMinute]);
    }

    /** A cold oven wants 17 minutes to 190: begun at 480, nothing bakes before 497. */
    public function test_a_cold_oven_is_not_baked_in(): void
    {
        $day = (new SmallDay)->oven('bake', 30, 190, 'p')->wanted('bake', 500);
        $day->hours = [new Hours(480, 1000)];
        $plan = $day->plan();
        self::assertSame(497, SmallDay::task($plan, 'bake')->startMinute);
        self::assertSame([27, 480], [$plan->lateMinutes(), $plan->ovenActs[0]->minute]);
    }

    /** Hands 40 + 40 of one cook before 600, from 540 on: 20 minutes are missing, whoever is served first. */
    public function test_least_lateness_is_what_the_hands_are_short_of(): void
    {
        $day = (new SmallDay)->hands('a', 40, 'a')->hands('b', 40, 'b')->wanted('a', 600)->wanted('b', 600);
        $day->hours = [new Hours(540, 1000)];
        $plan = $day->plan();
        self::assertSame([20, 20], [$plan->lateMinutes(), $plan->leastLateMinutes]);
        $day->cooks = 2;
        self::assertSame(0, $day->plan()->lateMinutes());
    }

    /** The custard may stand ten minutes: it is filled no earlier than that, though hands are free all morning. */
    public function test_what_must_not_stand_is_begun_late_and_not_early(): void
    {
        $day = (new SmallDay)->hands('fill', 5, 'p')->oven('bake', 40, 180, 'p')->oven('other', 30, 230, 'q')
            ->then('fill', 'bake', 0, 10)->wanted('bake', 700)->wanted('other', 655);
        $plan = $day->plan();
        self::assertLessThanOrEqual(10, SmallDay::task($plan, 'bake')->startMinute - SmallDay::task($plan, 'fill')->endMinute);
    }

    /** One place on the rack: the second shell waits in no one's way until the first is filled. */
    public function test_there_is_only_so_much_room_on_the_rack(): void
    {
        $day = new SmallDay;
        $day->shelves = 2;
        $day->rack = 1;
        $day->oven('s1', 20, 190, 'a')->oven('s2', 20, 190, 'b')->hands('f1', 5, 'a')->hands('f2', 5, 'b')->then('s1', 'f1', 30)->then('s2', 'f2', 30)->held('s1', 'f1')->held('s2', 'f2')->wanted('f1', 600)->wanted('f2', 600);
        $plan = $day->plan();
        [$first, $second] = [SmallDay::task($plan, 's1')->endMinute, SmallDay::task($plan, 's2')->endMinute];
        self::assertGreaterThanOrEqual(30, abs($first - $second));
    }

    public function test_a_task_that_is_pinned_stays_and_the_rest_follows(): void
    {
        $day = (new SmallDay)->hands('mix', 10)->hands('line', 10, 'p')->then('mix', 'line', 30)->wanted('line', 600);
        $day->pins = [new Pin('line', 500)];
        $plan = $day->plan();
        self::assertSame([500, 460], [SmallDay::task($plan, 'line')->startMinute, SmallDay::task($plan, 'mix')->startMinute]);
        self::assertTrue(SmallDay::task($plan, 'line')->isPinned);
    }

    public function test_a_pin_that_cannot_be_kept_gives_way_and_is_told(): void
    {
        $day = (new SmallDay)->hands('mix', 10)->hands('line', 10, 'p')->then('mix', 'line', 30)->wanted('line', 600);
        $day->hours = [new Hours(400, 700)];
        $day->pins = [new Pin('line', 410)];
        $plan = $day->plan();
        self::assertSame([['line'], 590], [$plan->brokenPins, SmallDay::task($plan, 'line')->startMinute]);
    }

    public function test_what_an_oven_that_fails_would_have_baked_goes_into_the_other(): void
    {
        $day = new SmallDay;
        $day->ovens = 2;
        $day->oven('a', 30, 180, 'a')->oven('b', 30, 180, 'b')->wanted('a', 600)->wanted('b', 600);
        self::assertSame(570, $day->plan()->startMinute());
        $day->failures = [new Failure('oven-1', 400)];
        $plan = $day->plan();
        self::assertSame(['oven-2', 'oven-2', 540], [SmallDay::task($plan, 'a')->oven, SmallDay::task($plan, 'b')->oven, $plan->startMinute()]);
    }

    /** Planned 540 to 550; begun 12 late. What was to spare is eaten, then it is late. */
    public function test_from_now_on_the_past_stands_and_what_runs_runs_on(): void
    {
        $day = (new SmallDay)->hands('mix', 10)->hands('line', 10, 'p')->oven('bake', 30, 180, 'p')->then('mix', 'line', 20)->then('line', 'bake')->wanted('bake', 620);
        $plan = $day->plan();
        self::assertSame(550, $plan->startMinute());
        $late = $day->plan([new Mark('mix', 562, 572)], 575);
        self::assertSame([TaskState::Done, 562, 572], [SmallDay::task($late, 'mix')->state, SmallDay::task($late, 'mix')->startMinute, SmallDay::task($late, 'mix')->endMinute]);
        self::assertSame([592, 12], [SmallDay::task($late, 'line')->startMinute, $late->lateMinutes()]);
        $runs = $day->plan([new Mark('mix', 562, null)], 580);
        self::assertSame([TaskState::Running, 580], [SmallDay::task($runs, 'mix')->state, SmallDay::task($runs, 'mix')->endMinute]);
        self::assertSame(600, SmallDay::task($runs, 'line')->startMinute);
    }

    /** Told 540 to 550 and 560 to 570, now 565: the first is done, the second runs; what was put later is ahead. */
    public function test_what_was_told_before_now_goes_without_saying(): void
    {
        $tasks = (new SmallDay)->hands('mix', 10)->hands('roll', 10)->hands('fill', 10)->tasks();
        $told = ['mix' => 540, 'roll' => 560, 'fill' => 580];
        $marks = static fn (array $known, array $pins): array => array_map(static fn (Mark $one): array => [$one->task, $one->startMinute, $one->endMinute], AsTold::marks($tasks, $told, $known, $pins, 565));
        self::assertSame([['mix', 540, 550], ['roll', 560, null]], $marks([], []));
        self::assertSame([['mix', 542, 556], ['roll', 560, null]], $marks([new Mark('mix', 542, 556)], []));
        self::assertSame([['mix', 540, 550]], $marks([], [new Pin('roll', 570)]));
        // minutes alone have no bake done
        self::assertNull(AsTold::marks((new SmallDay)->oven('bake', 10, 180)->tasks(), ['bake' => 500], [], [], 565)[0]->endMinute);
        // done to the minute
        self::assertSame([['mix', 540, 550], ['roll', 560, 565]], array_map(static fn (Mark $one): array => [$one->task, $one->startMinute, $one->endMinute], AsTold::marks((new SmallDay)->hands('mix', 10)->hands('roll', 5)->tasks(), $told, [], [], 565)));
    }

    public function test_what_came_before_something_done_was_done_too(): void
    {
        $day = (new SmallDay)->hands('mix', 10)->hands('line', 10, 'p')->oven('bake', 30, 180, 'p')->then('mix', 'line', 20)->then('line', 'bake')->wanted('bake', 640);
        $plan = $day->plan([new Mark('line', 560, 570)], 575);
        self::assertSame([TaskState::Done, 540], [SmallDay::task($plan, 'mix')->state, SmallDay::task($plan, 'mix')->endMinute]);
    }

    public function test_what_waits_too_long_after_what_was_done_is_told(): void
    {
        $day = (new SmallDay)->hands('fill', 5, 'p')->oven('bake', 30, 180, 'p')->then('fill', 'bake', 0, 10)->wanted('bake', 640);
        $plan = $day->plan([new Mark('fill', 500, 505)], 530);
        self::assertSame(['bake'], $plan->waited);
    }

    public function test_a_plan_from_now_moves_what_people_were_told_as_little_as_it_can(): void
    {
        $day = (new SmallDay)->hands('cut', 10)->hands('a', 10, 'a')->hands('b', 10, 'b')->then('cut', 'a')->wanted('a', 700)->wanted('b', 700);
        $plan = $day->plan();
        $told = [];
        foreach ($plan->tasks as $one) {
            $told[$one->task->id] = $one->startMinute;
        }
        $again = $day->plan([], 400, $told);
        foreach ($again->tasks as $one) {
            self::assertSame($told[$one->task->id], $one->startMinute, $one->task->id);
        }
    }

    public function test_each_pie_is_ready_with_time_to_spare(): void
    {
        $day = (new SmallDay)->oven('bake', 30, 180, 'p')->wanted('bake', 600, 10);
        $day->spare = 15;
        $plan = $day->plan();
        self::assertSame(600 - 15 - 10 - 30, SmallDay::task($plan, 'bake')->startMinute);
        self::assertSame(15, SmallDay::task($plan, 'bake')->slackMinutes);
    }

    public function test_a_day_that_nobody_is_there_for_cannot_be_planned(): void
    {
        $day = (new SmallDay)->hands('fill', 30, 'p')->wanted('fill', 600);
        $day->hours = [new Hours(0, 20)];
        self::assertFalse($day->plan()->isPossible);
    }

    /** Dough on Friday evening, the rest on Saturday: nobody is there at night. */
    public function test_work_goes_to_the_evening_before_where_the_morning_is_too_short(): void
    {
        $day = (new SmallDay)->hands('mix', 20)->hands('line', 20, 'p')->then('mix', 'line', 60)->wanted('line', 460);
        $day->hours = [new Hours(-360, -180), new Hours(420, 900)];
        $plan = $day->plan();
        self::assertSame([-200, 440, 0], [SmallDay::task($plan, 'mix')->startMinute, SmallDay::task($plan, 'line')->startMinute, $plan->lateMinutes()]);
    }
}

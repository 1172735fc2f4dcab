<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Day;

use PHPUnit\Framework\TestCase;

/** Sums that cooks make in the head, from common practice (no source); worked out by hand beside each. */
final class HandSumsTest extends TestCase
{
    /** 15 after the first fold, 15 after the second, 30 at the end: an hour of rests, whatever the hands do between. */
    public function test_an_hour_of_rests_is_fifteen_and_fifteen_and_thirty(): void
    {
        $day = (new SmallDay)->hands('mix', 10)->hands('fold-1', 4)->hands('fold-2', 4)->hands('roll', 6, 'p')
            ->then('mix', 'fold-1', 15)->then('fold-1', 'fold-2', 15)->then('fold-2', 'roll', 30)->wanted('roll', 600);
        $plan = $day->plan();
        $hands = 10 + 4 + 4 + 6;
        self::assertSame(600 - 60 - $hands, $plan->startMinute());
        self::assertSame($plan->startMinute(), $plan->latestStartMinute);
    }

    /** Rest 120, chill 30, shell 11, bake 60: 3 h 41, and the handling on top: mixed 12, lined 8, filled 5. */
    public function test_a_rich_tart_is_three_hours_forty_one_and_the_handling(): void
    {
        $day = (new SmallDay)->hands('mix', 12)->hands('line', 8, 'p')->oven('shell', 11, 190, 'p')->hands('fill', 5, 'p')->oven('bake', 60, 190, 'p')
            ->then('mix', 'line', 120)->then('line', 'shell', 30)->then('shell', 'fill')->then('fill', 'bake')->wanted('bake', 1000);
        self::assertSame(1000 - (3 * 60 + 41) - (12 + 8 + 5), $day->plan()->startMinute());
    }

    /** Rest 60, chill 20, shell 22, bake 28, and three quarters of an hour to the warmth of the room: 2 h 55. */
    public function test_a_tart_that_is_cut_cold_waits_for_the_room(): void
    {
        $day = (new SmallDay)->hands('mix', 10)->hands('line', 6, 'p')->oven('shell', 22, 180, 'p')->hands('fill', 4, 'p')->oven('bake', 28, 180, 'p')
            ->then('mix', 'line', 60)->then('line', 'shell', 20)->then('shell', 'fill')->then('fill', 'bake')->wanted('bake', 900, 45);
        self::assertSame(900 - (60 + 20 + 22 + 28 + 45) - (10 + 6 + 4), $day->plan()->startMinute());
    }

    /** 70 in the oven, 20 of rest, 65 of dough and chill before: 2 h 35 beside the hands. */
    public function test_a_deep_pie_is_seventy_and_twenty_and_sixty_five(): void
    {
        $day = (new SmallDay)->hands('mix', 10)->hands('build', 15, 'p')->oven('bake', 70, 190, 'p')
            ->then('mix', 'build', 65)->then('build', 'bake')->wanted('bake', 800, 20);
        self::assertSame(800 - (70 + 20 + 65) - (10 + 15), $day->plan()->startMinute());
    }

    /** An hour of sweating goes beside a crust of twenty: 60 and not 80 before 40 in the oven and 15 of rest; the pan wants hands for its first ten. */
    public function test_a_long_sweat_stands_beside_the_crust_and_not_before_it(): void
    {
        $day = (new SmallDay)->ring('sweat', 60, 10)->hands('crust', 20, 'p')->hands('fill', 5, 'p')->oven('bake', 40, 180, 'p')
            ->then('sweat', 'fill')->then('crust', 'fill')->then('fill', 'bake')->wanted('bake', 700, 15);
        $plan = $day->plan();
        self::assertSame(700 - (60 + 5 + 40 + 15), $plan->startMinute());
        $crust = SmallDay::task($plan, 'crust');
        self::assertGreaterThanOrEqual(SmallDay::task($plan, 'sweat')->startMinute + 10, $crust->startMinute);
        self::assertLessThanOrEqual(SmallDay::task($plan, 'sweat')->endMinute, $crust->endMinute);
    }

    /** One oven: shell 25, then the vegetables roast 30 at the same 190, then the pie 45; nobody waits for the oven to change. */
    public function test_vegetables_roast_between_the_shell_and_the_pie(): void
    {
        $day = (new SmallDay)->oven('shell', 25, 190, 'p')->oven('roast', 30, 190)->hands('fill', 5, 'p')->oven('bake', 45, 190, 'p')
            ->then('shell', 'fill', 20)->then('roast', 'fill', 10)->then('fill', 'bake')->wanted('bake', 600);
        $plan = $day->plan();
        // the roast cools its ten minutes before the filling, the shell goes before it
        self::assertSame([600 - 45 - 5 - 10 - 30, 600 - 45 - 5 - 10 - 30 - 25], [SmallDay::task($plan, 'roast')->startMinute, SmallDay::task($plan, 'shell')->startMinute]);
    }

    /** Peppers 20 under a grill of 240, the pie at 180: from 240 down to 180 takes 45 ln(220 / 160) = 14.3, so 15 minutes, which the 12 of filling do not cover. */
    public function test_a_hot_grill_before_costs_what_the_oven_takes_to_cool(): void
    {
        $day = (new SmallDay)->oven('grill', 20, 240)->hands('fill', 12, 'p')->oven('bake', 40, 180, 'p')->then('grill', 'fill')->then('fill', 'bake')->wanted('bake', 600);
        $plan = $day->plan();
        self::assertSame(600 - 40 - 15 - 20, SmallDay::task($plan, 'grill')->startMinute);
        self::assertSame(15, SmallDay::task($plan, 'bake')->startMinute - SmallDay::task($plan, 'grill')->endMinute);
    }
}

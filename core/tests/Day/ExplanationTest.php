<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Day;

use Hojaldre\Core\Day\Hours;
use Hojaldre\Core\Day\Pin;
use Hojaldre\Core\Day\Plan\DayPlan;
use Hojaldre\Core\Day\Plan\Explanation;
use Hojaldre\Core\Statement\Statement;
use PHPUnit\Framework\TestCase;

final class ExplanationTest extends TestCase
{
    public function test_a_task_waits_for_a_rest_and_the_next_one_for_it(): void
    {
        $plan = (new SmallDay)->hands('mix', 10)->hands('line', 10, 'p')->then('mix', 'line', 30)->wanted('line', 600)->plan();
        self::assertSame(['why.after-wait'], self::codes(self::why($plan, 'line')->notEarlier));
        self::assertSame(['why.due'], self::codes(self::why($plan, 'line')->notLater));
        self::assertSame(['why.fresh'], self::codes(self::why($plan, 'mix')->notEarlier));
        self::assertSame(['why.before'], self::codes(self::why($plan, 'mix')->notLater));
        self::assertSame(30, self::why($plan, 'line')->notEarlier[0]->with['waitMinutes']);
    }

    public function test_full_hands_are_named_with_what_they_do(): void
    {
        $plan = (new SmallDay)->hands('a', 20, 'a')->hands('b', 20, 'b')->wanted('a', 600)->wanted('b', 600)->plan();
        [$first, $second] = array_map(static fn ($one): string => $one->task->id, $plan->tasks);
        self::assertContains('why.hands', self::codes(self::why($plan, $second)->notEarlier));
        self::assertContains('why.hands', self::codes(self::why($plan, $first)->notLater));
    }

    public function test_an_oven_at_another_heat_is_named_with_what_it_takes_to_change(): void
    {
        $plan = (new SmallDay)->oven('a', 30, 200, 'a')->oven('b', 30, 180, 'b')->wanted('a', 564)->wanted('b', 600)->plan();
        $why = self::why($plan, 'b')->notEarlier;
        self::assertSame(['why.heat'], self::codes($why));
        self::assertSame([200, 6], [$why[0]->with['ovenCelsius'], $why[0]->with['changeMinutes']]);
    }

    public function test_a_full_shelf_is_named(): void
    {
        $plan = (new SmallDay)->oven('a', 30, 180, 'a')->oven('b', 30, 180, 'b')->wanted('a', 600)->wanted('b', 600)->plan();
        self::assertContains('why.shelf', self::codes(self::why($plan, $plan->tasks[1]->task->id)->notEarlier));
    }

    public function test_nobody_is_there_before_the_doors_open(): void
    {
        $day = (new SmallDay)->hands('a', 30, 'a')->wanted('a', 520);
        $day->hours = [new Hours(500, 800)];
        self::assertSame(['why.nobody'], self::codes(self::why($day->plan(), 'a')->notEarlier));
    }

    /** Hands are full from 640, the bake begins at 650: filled earlier it would stand longer than ten minutes. */
    public function test_what_may_stand_ten_minutes_says_so(): void
    {
        $day = (new SmallDay)->hands('busy', 30)->hands('fill', 5, 'p')->oven('bake', 30, 180, 'p')->then('fill', 'bake', 0, 10)->wanted('bake', 700);
        $day->pins = [new Pin('busy', 640)];
        $plan = $day->plan();
        self::assertSame(['why.would-stand'], self::codes(self::why($plan, 'fill')->notEarlier));
        self::assertSame(10, self::why($plan, 'fill')->notEarlier[0]->with['mostMinutes']);
        self::assertContains('why.soon', self::codes(self::why($plan, 'bake')->notLater));
    }

    private static function why(DayPlan $plan, string $id): Explanation
    {
        return Explanation::of($plan, SmallDay::task($plan, $id));
    }

    /**
     * @param  list<Statement>  $says
     * @return list<string>
     */
    private static function codes(array $says): array
    {
        return array_map(static fn (Statement $one): string => $one->code, $says);
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Day;

use Hojaldre\Core\Batch\Batch;
use Hojaldre\Core\Batch\BatchLine;
use Hojaldre\Core\Batch\DoughChoice;
use Hojaldre\Core\Batch\FoldChoice;
use Hojaldre\Core\Day\Cook;
use Hojaldre\Core\Day\Day;
use Hojaldre\Core\Day\DayKitchen;
use Hojaldre\Core\Day\DayOven;
use Hojaldre\Core\Day\Ending;
use Hojaldre\Core\Day\Hours;
use Hojaldre\Core\Day\Order;
use Hojaldre\Core\Day\OrderFrom;
use Hojaldre\Core\Day\OwnMinutes;
use Hojaldre\Core\Day\Plan\PlanCheck;
use Hojaldre\Core\Day\Plan\Planner;
use Hojaldre\Core\Day\Task\Bound;
use Hojaldre\Core\Day\Task\DayExpansion;
use Hojaldre\Core\Day\Task\PartName;
use Hojaldre\Core\Day\Task\Task;
use Hojaldre\Core\Day\Task\TaskKind;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Pastry\Dough\HouseDoughs;
use Hojaldre\Core\Pastry\Dough\Vessel;
use Hojaldre\Core\Pastry\Rest\RestName;
use Hojaldre\Core\Pastry\Rolled\LiningChoice;
use Hojaldre\Core\Pastry\Sheet\Board;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Tests\OtherPies;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\TestCase;

/** From a design to what is done for it. Minutes are those of common practice that the classes name (no source). */
final class ExpansionTest extends TestCase
{
    private const PIE = '00000000-0000-4000-8000-000000000001';

    public function test_a_quiche_is_mixed_lined_baked_blind_filled_baked_and_unmoulded_with_its_rests_between(): void
    {
        $whole = self::expanded(self::order());
        self::assertSame(['Mix', 'Cut', 'Cook', 'Cook', 'Line', 'Shell', 'Fill', 'Whisk', 'Bake', 'Unmould'], array_map(static fn (Task $one): string => $one->kind->name, $whole->tasks->tasks));
        self::assertSame([30, 2880], self::bound($whole, 'dough:shortcrust', 'line:o1.1'));
        self::assertSame([20, 1440], self::bound($whole, 'line:o1.1', 'shell:o1.1'));
        self::assertSame([0, 10], self::bound($whole, 'fill:o1.1', 'bake:o1.1'));
        self::assertSame([12, 240], self::bound($whole, 'bake:o1.1', 'unmould:o1.1'));
        // the shell cools before it is filled, and so do the leeks
        self::assertGreaterThan(5, self::bound($whole, 'shell:o1.1', 'fill:o1.1')[0]);
        self::assertGreaterThan(5, self::bound($whole, 'cook:leeks:sweated and pressed:0', 'fill:o1.1')[0]);
    }

    /** Out of the fridge 1, fifteen on the bench, rolled and lined 2 + 4. */
    public function test_lining_begins_with_the_dough_on_the_bench(): void
    {
        $line = self::task(self::expanded(self::order()), 'line:o1.1');
        self::assertSame([22, 7], [$line->minutes, $line->handsMinutes()]);
        self::assertSame(PartName::DoughOut, $line->parts[0]->name);
    }

    /** Weights in 1 and into the oven 1, 15 under weights, 6 bare with the weights out in its first two, out 1. */
    public function test_a_shell_wants_hands_at_the_weights_and_the_oven_between(): void
    {
        $shell = self::task(self::expanded(self::order()), 'shell:o1.1');
        self::assertSame([24, 5], [$shell->minutes, $shell->handsMinutes()]);
        self::assertSame([[2, 15, 190], [17, 6, 190]], array_map(static fn ($heat): array => [$heat->fromMinute, $heat->minutes, $heat->celsius], $shell->ovens[0]->heats));
        self::assertSame(17, $shell->parts[1]->fromMinute);
    }

    /** 46 minutes at 175 static; a fan oven is set 20 lower. In, a first look at 85 %, out. */
    public function test_a_bake_is_turned_for_the_oven_it_goes_into(): void
    {
        $bake = self::task(self::expanded(self::order()), 'bake:o1.1');
        self::assertSame([['static', 175], ['fan', 155]], array_map(static fn ($one): array => [$one->oven, $one->heats[0]->celsius], $bake->ovens));
        self::assertSame([[0, PartName::In], [39, PartName::Look], [46, PartName::Out]], array_map(static fn ($part): array => [$part->fromMinute, $part->name], $bake->parts));
    }

    /** 24 cm and 2 of air fit once on 44 by 36: two shelves take two, five tins go in three loads of 2, 2 and 1. */
    public function test_an_order_goes_in_as_few_loads_as_the_shelves_allow(): void
    {
        $whole = self::expanded(self::order(count: 5));
        self::assertSame([2, 2, 1], array_map(static fn ($goal): int => $goal->count, $whole->tasks->goals));
        // filled in two minutes and two for each tin, lined in two and four, behind sixteen on the bench
        self::assertSame([[6, 26], [4, 22]], array_map(static fn (int $load): array => [self::task($whole, "fill:o1.$load")->minutes, self::task($whole, "line:o1.$load")->minutes], [1, 3]));
        self::assertSame([2, 2, 1], array_map(static fn (string $id): int => self::task($whole, $id)->ovens[0]->shelves, ['bake:o1.1', 'bake:o1.2', 'bake:o1.3']));
    }

    public function test_with_two_tins_the_next_load_is_lined_when_they_are_washed(): void
    {
        $whole = self::expanded(self::order(count: 5, tins: 2));
        self::assertSame([0, null], self::bound($whole, 'unmould:o1.1', 'line:o1.2'));
        self::assertSame([0, null], self::bound($whole, 'unmould:o1.2', 'line:o1.3'));
        // one minute to cut it and one for each tin, and as much at the sink
        self::assertSame(5, self::task($whole, 'unmould:o1.1')->minutes);
        $plan = Planner::plan(self::day(self::order(count: 5, tins: 2)), $whole->tasks, []);
        self::assertSame([], PlanCheck::faults($plan));
        self::assertGreaterThanOrEqual($plan->task('unmould:o1.1')?->endMinute, $plan->task('line:o1.2')?->startMinute);
    }

    public function test_a_skipped_rest_is_not_waited(): void
    {
        $choice = new DoughChoice('shortcrust', Board::usual(), Vessel::Mixer, 6.0, null, null, [RestName::AfterMixing, RestName::Temper, RestName::InTheTin]);
        $whole = self::expanded(self::order(), new Batch('A batch', [new BatchLine(self::PIE, 1, LiningChoice::usual(), FoldChoice::asDesigned())], [$choice], 21));
        self::assertSame(0, self::bound($whole, 'dough:shortcrust', 'line:o1.1')[0]);
        self::assertSame(0, self::bound($whole, 'line:o1.1', 'shell:o1.1')[0]);
        self::assertSame(6, self::task($whole, 'line:o1.1')->minutes);
        // and a mixer is a thing of which there is one
        self::assertCount(2, self::task($whole, 'dough:shortcrust')->parts);
    }

    public function test_a_pasty_is_cut_closed_kept_cold_baked_and_rests_a_quarter_of_an_hour(): void
    {
        $whole = self::expanded(self::order(count: 6), null, OtherPies::folds());
        self::assertSame([0, 720], self::bound($whole, 'fold:o1.1', 'bake:o1.1'));
        self::assertSame(15, self::bound($whole, 'bake:o1.1', 'unmould:o1.1')[0]);
        self::assertCount(1, array_filter($whole->tasks->holds, static fn ($hold): bool => $hold->from === 'fold:o1.1'));
    }

    public function test_cold_chilled_and_frozen_end_in_their_own_way(): void
    {
        $cold = self::expanded(self::order(ending: Ending::Cold));
        self::assertGreaterThan(60, self::bound($cold, 'bake:o1.1', 'unmould:o1.1')[0]);
        $chilled = self::expanded(self::order(ending: Ending::Chilled));
        self::assertSame([45, 90], self::bound($chilled, 'bake:o1.1', 'chill:o1.1'));
        $frozen = self::expanded(self::order(count: 6, ending: Ending::Frozen), null, OtherPies::folds());
        self::assertSame('freeze:o1.1', $frozen->tasks->goals[0]->task);
        self::assertSame([], array_filter($frozen->tasks->tasks, static fn (Task $one): bool => $one->kind === TaskKind::Bake));
    }

    public function test_what_was_baked_before_is_only_warmed(): void
    {
        $whole = self::expanded(self::order(from: OrderFrom::Baked));
        self::assertSame([[TaskKind::Reheat, 16]], array_map(static fn (Task $one): array => [$one->kind, $one->minutes], $whole->tasks->tasks));
        // a moderate oven: 170, with a fan 150
        self::assertSame([170, 150], array_map(static fn ($one): int => $one->heats[0]->celsius, $whole->tasks->tasks[0]->ovens));
    }

    public function test_frozen_pasties_bake_longer_than_fresh_ones_and_nothing_is_prepared(): void
    {
        $whole = self::expanded(self::order(count: 6, from: OrderFrom::Frozen), null, OtherPies::folds());
        self::assertSame([TaskKind::Bake, TaskKind::Unmould], array_map(static fn (Task $one): TaskKind => $one->kind, $whole->tasks->tasks));
        self::assertGreaterThan(OtherPies::folds()->bake->minutes() + 1, $whole->tasks->tasks[0]->minutes);
    }

    /** Raw custard parts as it thaws: refused, not guessed. */
    public function test_a_quiche_is_not_baked_from_frozen(): void
    {
        self::assertSame(['o1'], self::expanded(self::order(from: OrderFrom::Frozen))->refused);
    }

    public function test_a_tin_that_is_too_large_for_each_oven_is_refused(): void
    {
        $day = self::day(self::order());
        $small = array_map(static fn (DayOven $one): DayOven => new DayOven($one->id, $one->name, $one->mode, 0, 2, 250, 250, 5), $day->kitchen->ovens);
        self::assertSame(['o1'], self::expanded(self::order(), null, null, $day->withKitchen($day->kitchen->withOvens($small)))->refused);
    }

    /** 12 quiches want 5.4 kg of leeks in pans of 600 g: eight goes and more, and what is wanted first waits only for the first of them. */
    public function test_many_pans_are_tasks_of_their_own_and_the_first_pie_waits_for_the_first(): void
    {
        $early = new Order('o1', self::PIE, 2, 600, OrderFrom::Scratch, Ending::Warm, null);
        $late = new Order('o2', self::PIE, 10, 900, OrderFrom::Scratch, Ending::Warm, null);
        $whole = self::expanded($early, null, null, self::day($early)->withOrders([$early, $late]));
        $pans = array_values(array_filter($whole->tasks->tasks, static fn (Task $one): bool => str_starts_with($one->id, 'cook:leeks')));
        self::assertGreaterThan(6, count($pans));
        $first = array_filter($pans, static fn (Task $one): bool => in_array('o1', $one->orders, true));
        // two of twelve pies are a sixth of the pans
        self::assertCount((int) ceil(count($pans) / 6), $first);
        self::assertSame('cook:leeks:sweated and pressed:0#1', $pans[0]->id);
    }

    public function test_a_kitchen_that_takes_twice_as_long_is_planned_so(): void
    {
        $slow = OwnMinutes::from(array_fill(0, 3, ['kind' => TaskKind::Fill, 'plannedMinutes' => 4.0, 'tookMinutes' => 8.0]));
        self::assertSame(8, self::task(self::expanded(self::order(), own: $slow), 'fill:o1.1')->minutes);
        self::assertSame(4, self::task(self::expanded(self::order()), 'fill:o1.1')->minutes);
    }

    private static function order(int $count = 1, OrderFrom $from = OrderFrom::Scratch, Ending $ending = Ending::Warm, ?int $tins = null): Order
    {
        return new Order('o1', self::PIE, $count, 900, $from, $ending, $tins);
    }

    private static function day(Order $order): Day
    {
        $ovens = [new DayOven('static', 'Static', OvenMode::Static, 0, 2, 440, 360, 5), new DayOven('fan', 'Fan', OvenMode::Fan, 0, 2, 440, 360, 5)];

        return new Day('A day', '2026-11-28', [$order], new DayKitchen([new Cook('Ada', [new Hours(0, 1440)])], $ovens, 4, 1, 40, 40), 10, [], []);
    }

    private static function expanded(Order $order, ?Batch $batch = null, ?Pie $pie = null, ?Day $day = null, ?OwnMinutes $own = null): DayExpansion
    {
        $formula = HouseDoughs::of('shortcrust') ?? throw new \LogicException('no shortcrust');

        return DayExpansion::of($day ?? self::day($order), $batch, [self::PIE => $pie ?? TroutQuiche::pie()], ['shortcrust' => $formula], [], 21.0, $own ?? OwnMinutes::none());
    }

    private static function task(DayExpansion $whole, string $id): Task
    {
        foreach ($whole->tasks->tasks as $task) {
            if ($task->id === $id) {
                return $task;
            }
        }
        self::fail("$id is not there");
    }

    /** @return array{int, int|null} */
    private static function bound(DayExpansion $whole, string $from, string $to): array
    {
        $found = array_values(array_filter($whole->tasks->bounds, static fn (Bound $one): bool => $one->from === $from && $one->to === $to));
        self::assertCount(1, $found, "$from to $to");

        return [$found[0]->leastMinutes, $found[0]->mostMinutes];
    }
}

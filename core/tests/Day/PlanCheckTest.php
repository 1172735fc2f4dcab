<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Day;

use Hojaldre\Core\Day\Plan\DayPlan;
use Hojaldre\Core\Day\Plan\HandsOn;
use Hojaldre\Core\Day\Plan\PlanCheck;
use Hojaldre\Core\Day\Plan\PlannedTask;
use Hojaldre\Core\Day\Plan\Served;
use Hojaldre\Core\Day\Task\PartName;
use PHPUnit\Framework\TestCase;

/** The checker is to notice: plans are spoilt by hand, one way at a time. */
final class PlanCheckTest extends TestCase
{
    private DayPlan $plan;

    protected function setUp(): void
    {
        $day = (new SmallDay)->hands('mix', 10)->hands('line', 10, 'p')->oven('bake', 30, 180, 'p')->oven('other', 30, 180, 'q')->then('mix', 'line', 20, 60)->then('line', 'bake')
            ->held('line', 'bake')->wanted('bake', 620)->wanted('other', 620);
        $this->plan = $day->plan();
    }

    public function test_a_task_that_is_left_out(): void
    {
        self::assertSame(['mix is not planned'], PlanCheck::faults($this->with(array_values(array_filter($this->plan->tasks, static fn (PlannedTask $one): bool => $one->task->id !== 'mix')))));
    }

    public function test_a_bound_that_is_broken_by_a_minute(): void
    {
        self::assertContains('line begins 19 minutes after mix', $this->moved('mix', $this->at('line') - 29));
        self::assertContains('line begins 61 minutes after mix', $this->moved('mix', $this->at('line') - 71));
    }

    public function test_an_oven_that_is_used_twice(): void
    {
        $faults = $this->moved('other', $this->at('bake'));
        self::assertNotSame([], array_filter($faults, static fn (string $one): bool => str_contains($one, 'wants 2 shelves')));
    }

    public function test_hands_that_are_at_two_things(): void
    {
        $faults = $this->moved('mix', $this->at('line') - 5);
        self::assertNotSame([], array_filter($faults, static fn (string $one): bool => str_contains($one, 'hands: 2 in use')));
        self::assertNotSame([], array_filter($faults, static fn (string $one): bool => str_contains($one, 'cook 0 is at')));
    }

    public function test_a_task_without_hands_or_oven(): void
    {
        $tasks = array_map(static fn (PlannedTask $one): PlannedTask => new PlannedTask($one->task, $one->startMinute, $one->endMinute, null, [], 0, false, false, $one->state), $this->plan->tasks);
        $faults = PlanCheck::faults($this->with($tasks));
        self::assertContains('mix wants 10 minutes of hands and has 0', $faults);
        self::assertContains('bake has no oven', $faults);
    }

    public function test_a_pie_that_is_said_to_be_ready_too_early(): void
    {
        $plan = $this->with($this->plan->tasks, [new Served('bake', 1, 620, 600)]);
        self::assertContains('bake is not ready as early as it says', PlanCheck::faults($plan));
    }

    /** @return list<string> */
    private function moved(string $id, int $start): array
    {
        return PlanCheck::faults($this->with(array_map(static function (PlannedTask $one) use ($id, $start): PlannedTask {
            if ($one->task->id !== $id) {
                return $one;
            }
            $by = $start - $one->startMinute;

            return new PlannedTask($one->task, $start, $one->endMinute + $by, $one->oven, array_map(static fn (HandsOn $hand): HandsOn => new HandsOn($hand->cook, $hand->fromMinute + $by, $hand->toMinute + $by, PartName::Work), $one->hands), 0, false, false, $one->state);
        }, $this->plan->tasks)));
    }

    private function at(string $id): int
    {
        return SmallDay::task($this->plan, $id)->startMinute;
    }

    /**
     * @param  list<PlannedTask>  $tasks
     * @param  list<Served>|null  $served
     */
    private function with(array $tasks, ?array $served = null): DayPlan
    {
        $of = $this->plan;

        return new DayPlan($of->day, true, $of->all, $tasks, $of->bounds, $served ?? $of->served, $of->ovenActs, [], [], [], [], $of->cost, 0, 0, 0.0);
    }
}

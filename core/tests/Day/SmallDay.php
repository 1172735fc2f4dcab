<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Day;

use Hojaldre\Core\Day\Cook;
use Hojaldre\Core\Day\Day;
use Hojaldre\Core\Day\DayKitchen;
use Hojaldre\Core\Day\DayOven;
use Hojaldre\Core\Day\Failure;
use Hojaldre\Core\Day\Hours;
use Hojaldre\Core\Day\Pin;
use Hojaldre\Core\Day\Plan\DayPlan;
use Hojaldre\Core\Day\Plan\Mark;
use Hojaldre\Core\Day\Plan\PlanCheck;
use Hojaldre\Core\Day\Plan\PlannedTask;
use Hojaldre\Core\Day\Plan\Planner;
use Hojaldre\Core\Day\Task\Bound;
use Hojaldre\Core\Day\Task\DayTasks;
use Hojaldre\Core\Day\Task\Goal;
use Hojaldre\Core\Day\Task\HeatPart;
use Hojaldre\Core\Day\Task\Hold;
use Hojaldre\Core\Day\Task\OvenOption;
use Hojaldre\Core\Day\Task\Part;
use Hojaldre\Core\Day\Task\Resource;
use Hojaldre\Core\Day\Task\Task;
use Hojaldre\Core\Day\Task\TaskKind;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Statement\Statement;
use PHPUnit\Framework\Assert;

/** A day written by hand, minute by minute. */
final class SmallDay
{
    /** @var list<Task> */
    private array $tasks = [];

    /** @var list<Bound> */
    private array $bounds = [];

    /** @var list<Hold> */
    private array $holds = [];

    /** @var list<Goal> */
    private array $goals = [];

    /** @var list<Pin> */
    public array $pins = [];

    /** @var list<Failure> */
    public array $failures = [];

    /** @var list<Hours> */
    public array $hours;

    public int $cooks = 1;

    public int $ovens = 1;

    public int $shelves = 1;

    public float $tolerance = 5.0;

    public int $spare = 0;

    public int $rack = 20;

    public function __construct()
    {
        $this->hours = [new Hours(0, 1440)];
    }

    /** Work of a pair of hands. */
    public function hands(string $id, int $minutes, string $load = ''): self
    {
        return $this->add(new Task($id, TaskKind::Fill, new Statement('task.fill', ['pie' => $id, 'pieces' => 1]), $load === '' ? [] : [$load], $load, $minutes, [Part::hands(0, $minutes)]));
    }

    /** In an oven, without hands. */
    public function oven(string $id, int $minutes, int $celsius, string $load = ''): self
    {
        $options = array_map(static fn (int $one): OvenOption => new OvenOption("oven-$one", 1, [new HeatPart(0, $minutes, $celsius)]), range(1, $this->ovens));

        return $this->add(new Task($id, TaskKind::Bake, new Statement('task.bake', ['pie' => $id, 'pieces' => 1]), $load === '' ? [] : [$load], $load, $minutes, [], $options));
    }

    /** On a ring of the hob, with hands for its first minutes. */
    public function ring(string $id, int $minutes, int $handsMinutes): self
    {
        return $this->add(new Task($id, TaskKind::Cook, new Statement('task.sauce', ['pie' => $id]), [], '', $minutes, [Part::hands(0, $handsMinutes), new Part(Resource::Ring, 0, $minutes)]));
    }

    public function add(Task $task): self
    {
        $this->tasks[] = $task;

        return $this;
    }

    public function then(string $from, string $to, int $least = 0, ?int $most = null): self
    {
        $this->bounds[] = new Bound($from, $to, $least, $most);

        return $this;
    }

    public function held(string $from, string $to, int $units = 1): self
    {
        $this->holds[] = new Hold(Resource::Rack, $units, $from, $to);

        return $this;
    }

    public function wanted(string $task, int $due, int $rest = 0): self
    {
        $this->goals[] = new Goal($task, $task, $rest, $task, $rest, $due, 1);

        return $this;
    }

    public function tasks(): DayTasks
    {
        return new DayTasks($this->tasks, $this->bounds, $this->holds, $this->goals);
    }

    public function day(): Day
    {
        $cooks = array_map(fn (int $one): Cook => new Cook("Cook $one", $this->hours), range(1, $this->cooks));
        $ovens = array_map(fn (int $one): DayOven => new DayOven("oven-$one", "Oven $one", OvenMode::Static, 0, $this->shelves, 440, 360, $this->tolerance), range(1, $this->ovens));

        return new Day('A day', '2026-11-28', [], new DayKitchen($cooks, $ovens, 2, 1, 20, $this->rack), $this->spare, $this->pins, $this->failures);
    }

    /**
     * Planned, and gone over by the checker.
     *
     * @param  list<Mark>  $marks
     * @param  array<string, int>  $told
     */
    public function plan(array $marks = [], ?int $now = null, array $told = []): DayPlan
    {
        $plan = Planner::plan($this->day(), $this->tasks(), [], $marks, $now, $told);
        Assert::assertSame([], $plan->isPossible ? PlanCheck::faults($plan) : []);

        return $plan;
    }

    public static function task(DayPlan $plan, string $id): PlannedTask
    {
        return $plan->task($id) ?? throw new \LogicException("$id is not planned");
    }
}

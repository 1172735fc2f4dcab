<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Plan;

use Hojaldre\Core\Day\Day;
use Hojaldre\Core\Day\Task\Goal;

/** Writes down what the search found: who does what, when ovens are turned, what is served when, what is idle, what is tight. */
final readonly class Written
{
    /** Shorter nobody calls a pause (judgement). */
    private const IDLE_MINUTES = 10;

    public function __construct(private Day $day, private Standing $standing, private int $fromMinute)
    {
    }

    /**
     * @param  list<Aim>  $aims
     * @param  list<string>  $refused
     * @param  list<string>  $broken
     */
    public function plan(Network $net, array $aims, Solution $found, LowerBound $bound, array $refused, array $broken): DayPlan
    {
        $starts = array_map(fn (int $one): int => $one + $this->fromMinute, $found->starts);
        $all = $this->standing->tasks;
        $hands = HandsPlan::of($all->tasks, $starts, $this->day->kitchen);
        $goesTo = array_map(fn (array $own): array => array_map(fn (HandsOn $one): array => [$one->cook, $one->fromMinute - $this->fromMinute, $one->toMinute - $this->fromMinute], $own), $hands);
        $slack = Slack::of($net, $aims, $found, $goesTo);
        $tight = Slack::chain($net, $aims, $found, $goesTo, $slack);
        $tasks = [];
        asort($starts);
        foreach ($starts as $at => $start) {
            $task = $all->tasks[$at];
            $state = $this->standing->states[$task->id] ?? TaskState::Ahead;
            $tasks[] = new PlannedTask(
                $task, $start, $start + $task->minutes, isset($found->ovens[$at]) ? $this->day->kitchen->ovens[$found->ovens[$at]]->id : null, $hands[$at] ?? [],
                $slack[$at], isset($tight[$at]), isset($this->standing->starts[$task->id]) && $state === TaskState::Ahead, $state,
            );
        }

        return new DayPlan(
            $this->day, true, $all, $tasks, $all->bounds, $this->served($starts), OvenPlan::of($all->tasks, $starts, $found->ovens, $this->day->kitchen), $this->idles($tasks),
            $refused, $broken, array_map(static fn ($one): string => $one->id, $this->standing->waited), $found->cost,
            $bound->startMinute + $this->fromMinute, $bound->lateMinutes, $bound->minutes(),
        );
    }

    /**
     * @param  array<int, int>  $starts
     * @return list<Served>
     */
    private function served(array $starts): array
    {
        $at = $this->standing->tasks->places();
        $by = [];
        foreach ($this->standing->tasks->goals as $goal) {
            $by[$goal->order][] = $goal;
        }
        $served = [];
        foreach ($by as $order => $goals) {
            $ready = array_map(fn (Goal $one): int => $starts[$at[$one->task]] + $this->standing->tasks->tasks[$at[$one->task]]->minutes + $one->restMinutes, $goals);
            $served[] = new Served((string) $order, (int) array_sum(array_map(static fn (Goal $one): int => $one->count, $goals)), $goals[0]->dueMinute, max($ready));
        }

        return $served;
    }

    /**
     * @param  list<PlannedTask>  $tasks
     * @return list<Idle>
     */
    private function idles(array $tasks): array
    {
        $idles = [];
        foreach (array_keys($this->day->kitchen->cooks) as $cook) {
            $busy = [];
            foreach ($tasks as $task) {
                foreach ($task->hands as $one) {
                    if ($one->cook === $cook) {
                        $busy[] = [$one->fromMinute, $one->toMinute];
                    }
                }
            }
            sort($busy);
            foreach ($busy as $at => [, $to]) {
                $next = $busy[$at + 1][0] ?? null;
                if ($next !== null && $next - $to >= self::IDLE_MINUTES && $this->isThere($cook, $to, $next)) {
                    $idles[] = new Idle($cook, $to, $next, self::during($tasks, $to, $next));
                }
            }
        }

        return $idles;
    }

    private function isThere(int $cook, int $from, int $to): bool
    {
        return $this->day->kitchen->cooks[$cook]->isThere($from) && $this->day->kitchen->cooks[$cook]->isThere($to - 1);
    }

    /** @param  list<PlannedTask>  $tasks */
    private static function during(array $tasks, int $from, int $to): string
    {
        $best = '';
        $most = 0;
        foreach ($tasks as $task) {
            $common = min($to, $task->endMinute) - max($from, $task->startMinute);
            if ($task->oven !== null && $common > $most) {
                [$best, $most] = [$task->task->id, $common];
            }
        }

        return $best;
    }
}

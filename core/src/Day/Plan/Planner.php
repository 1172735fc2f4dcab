<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Plan;

use Hojaldre\Core\Day\Cook;
use Hojaldre\Core\Day\Day;
use Hojaldre\Core\Day\Hours;
use Hojaldre\Core\Day\Pin;
use Hojaldre\Core\Day\Task\DayTasks;
use Hojaldre\Core\Day\Task\Goal;
use Hojaldre\Core\Day\Task\LoadTasks;
use Hojaldre\Core\Day\Task\Resource;
use Hojaldre\Core\Day\Task\Task;

/** Plans a day. The same question has the same answer: no clock, no dice but a seed. */
final readonly class Planner
{
    /** Steps of the search: a whole answer, and a first one while something is dragged (numerics). */
    private const STEPS = 150000;

    private const QUICK_STEPS = 1500;

    /** So long after the last due time a late pie is still planned (definition). */
    private const AFTER_MINUTES = 600;

    private const SEED = 20;

    /**
     * @param  list<string>  $refused  ids of orders that cannot be baked
     * @param  list<Mark>  $marks
     * @param  array<string, int>  $told  minute at which each task was told to begin
     */
    public static function plan(Day $day, DayTasks $all, array $refused, array $marks = [], ?int $nowMinute = null, array $told = [], bool $isQuick = false): DayPlan
    {
        $known = $all->places();
        $pins = array_values(array_filter($day->pins, static fn (Pin $one): bool => isset($known[$one->task])));
        $marks = array_values(array_filter($marks, static fn (Mark $one): bool => isset($known[$one->task])));
        $broken = [];
        while (true) {
            $standing = Standing::of($all, $marks, $pins, $nowMinute);
            $plan = self::with($day, $standing, $refused, $broken, $nowMinute, array_intersect_key($told, $known), $isQuick);
            if ($plan->isPossible || $pins === []) {
                return $plan;
            }
            // the pin that was set last gives way first
            $broken[] = array_pop($pins)->task;
        }
    }

    /**
     * @param  list<string>  $refused
     * @param  list<string>  $broken
     * @param  array<string, int>  $told
     */
    private static function with(Day $day, Standing $standing, array $refused, array $broken, ?int $nowMinute, array $told, bool $isQuick): DayPlan
    {
        $tasks = $standing->tasks;
        $hours = array_merge(...array_map(static fn (Cook $one): array => $one->hours, $day->kitchen->cooks));
        $from = min([Day::LATEST_MINUTE, ...array_map(static fn (Hours $one): int => $one->fromMinute, $hours), ...array_values($standing->starts)]);
        $to = max([Day::EARLIEST_MINUTE, ...array_map(static fn (Hours $one): int => $one->toMinute, $hours), ...array_map(static fn (Goal $one): int => $one->dueMinute + self::AFTER_MINUTES, $tasks->goals)]);
        $net = self::network($day, $standing, $from, $to, $nowMinute);
        $at = $tasks->places();
        $aims = array_map(static fn (Goal $one): Aim => new Aim($at[$one->task], $one->restMinutes, $at[$one->out], $one->afterMinutes, $one->dueMinute - $from), $tasks->goals);
        $search = new Search($net, $net->turned(), $aims, $day->spareMinutes, self::groups($tasks), self::toldAt($told, $at, $from));
        $found = $tasks->tasks === [] ? new Solution([], [], Cost::of($net, [], 0, [], [], [], [])) : $search->run($isQuick ? self::QUICK_STEPS : self::STEPS, self::SEED);
        $bound = LowerBound::of($net, $aims, Network::resource(Resource::Hands));

        return $found === null
            ? new DayPlan($day, false, $tasks, [], $tasks->bounds, [], [], [], $refused, $broken, [], null, $bound->startMinute + $from, $bound->lateMinutes, $bound->minutes())
            : (new Written($day, $standing, $from))->plan($net, $aims, $found, $bound, $refused, $broken);
    }

    private static function network(Day $day, Standing $standing, int $from, int $to, ?int $nowMinute): Network
    {
        $fixed = $release = $outFrom = [];
        foreach ($standing->tasks->tasks as $at => $task) {
            $release[$at] = max(0, ($nowMinute ?? $from) - $from);
            if (isset($standing->starts[$task->id])) {
                $fixed[$at] = $standing->starts[$task->id] - $from;
            }
        }
        foreach ($standing->tasks->goals as $goal) {
            $at = $standing->tasks->places()[$goal->task];
            $release[$at] = max($release[$at], $goal->dueMinute - LoadTasks::STANDS_MOST - $goal->restMinutes - $standing->tasks->tasks[$at]->minutes - $from);
        }
        foreach ($day->failures as $one) {
            $outFrom[$one->oven] = min($outFrom[$one->oven] ?? $one->fromMinute, $one->fromMinute);
        }

        return Network::of($standing->tasks, $day->kitchen, $from, $to, $fixed, array_values($release), $outFrom, max($from, $nowMinute ?? $from));
    }

    /** @return list<int> of each task a number of the load that it is for; what is shared is each by itself */
    private static function groups(DayTasks $tasks): array
    {
        $numbers = [];

        return array_map(static function (Task $task) use (&$numbers): int {
            return $numbers[$task->load === '' ? $task->id : $task->load] ??= count($numbers);
        }, $tasks->tasks);
    }

    /**
     * @param  array<string, int>  $told
     * @param  array<string, int>  $at
     * @return array<int, int>
     */
    private static function toldAt(array $told, array $at, int $from): array
    {
        $by = [];
        foreach ($told as $id => $minute) {
            $by[$at[$id]] = $minute - $from;
        }

        return $by;
    }
}

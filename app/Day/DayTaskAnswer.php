<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Day\Plan\DayPlan;
use Hojaldre\Core\Day\Plan\HandsOn;
use Hojaldre\Core\Day\Plan\PlannedTask;
use Hojaldre\Core\Day\Plan\TaskState;
use Hojaldre\Core\Day\Task\Part;
use Hojaldre\Core\Day\Task\Resource;
use Hojaldre\Core\Day\Task\TaskKind;
use Hojaldre\Core\Oven\Oven;

/** One task of a planned day. */
#[Schema('DayTask')]
final readonly class DayTaskAnswer
{
    /**
     * @param  string  $short  in a word or two, for a drawing
     * @param  list<string>  $orders  ids of the orders that it is for
     * @param  string  $load  what goes through the oven together; empty where it is shared
     * @param  string|null  $oven  its id
     * @param  list<TaskHeatAnswer>  $heats  in that oven
     * @param  list<TaskHandsAnswer>  $hands
     * @param  list<TaskRingAnswer>  $rings  of the hob
     * @param  int  $slackMinutes  that it may be later before something is late
     * @param  bool  $isTight  least to spare of all
     * @param  list<string>  $says
     */
    private function __construct(
        public string $id,
        public TaskKind $kind,
        public string $title,
        public string $short,
        public array $orders,
        public string $load,
        public int $startMinute,
        public int $endMinute,
        public ?string $oven,
        public array $heats,
        public array $hands,
        public array $rings,
        public int $slackMinutes,
        public bool $isTight,
        public bool $isPinned,
        public TaskState $state,
        public array $says,
    ) {
    }

    public static function of(DayPlan $plan, PlannedTask $one, Words $words): self
    {
        $task = $one->task;
        $heats = [];
        foreach ($plan->day->kitchen->ovens as $oven) {
            foreach ($task->ovens as $option) {
                foreach ($oven->id === $one->oven && $option->oven === $oven->id ? $option->heats : [] as $heat) {
                    $dial = (new Oven($oven->name, $oven->runsByKelvins))->dialCelsius($heat->celsius);
                    $heats[] = new TaskHeatAnswer($one->startMinute + $heat->fromMinute, $one->startMinute + $heat->fromMinute + $heat->minutes, $heat->celsius, $dial, $option->shelves);
                }
            }
        }

        return new self(
            $task->id, $task->kind, $words->say($task->title), $words->word('task-short', $task->kind), $task->orders, $task->load, $one->startMinute, $one->endMinute, $one->oven, $heats,
            array_map(static fn (HandsOn $hand): TaskHandsAnswer => new TaskHandsAnswer($hand->cook, $hand->fromMinute, $hand->toMinute), $one->hands),
            array_map(static fn (Part $part): TaskRingAnswer => new TaskRingAnswer($one->startMinute + $part->fromMinute, $one->startMinute + $part->fromMinute + $part->minutes), array_values(array_filter($task->parts, static fn (Part $part): bool => $part->resource === Resource::Ring))),
            $one->slackMinutes, $one->isTight, $one->isPinned, $one->state, array_map($words->say(...), $task->says),
        );
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Plan;

use Hojaldre\Core\Day\DayKitchen;
use Hojaldre\Core\Day\DayOven;
use Hojaldre\Core\Day\HeatChange;
use Hojaldre\Core\Day\Task\DayTasks;
use Hojaldre\Core\Day\Task\HeatPart;
use Hojaldre\Core\Day\Task\Hold;
use Hojaldre\Core\Day\Task\OvenOption;
use Hojaldre\Core\Day\Task\Part;
use Hojaldre\Core\Day\Task\Resource;
use Hojaldre\Core\Day\Task\Task;

/**
 * The tasks of a day as plain numbers for the planner: whole minutes from `fromMinute`, tasks by their place. `turned` is the same
 * day with time running backwards, so that one scheduler plans as early as can be and as late as can be.
 */
final readonly class Network
{
    /**
     * @param  int  $length  minutes that are planned
     * @param  list<int>  $minutes  of each task
     * @param  list<list<array{int, int, int, int}>>  $parts  of each task: from, minutes, resource, units
     * @param  list<list<array{int, int, list<array{int, int, int}>}>>  $ovens  of each task its options: oven, shelves, heats as from, minutes, celsius
     * @param  list<list<array{int, int}>>  $before  of each task: another one, and least minutes from that one's start to its own
     * @param  list<list<array{int, int}>>  $after  the same from the other side
     * @param  list<list<int>>  $follows  of each task those that come after it
     * @param  list<list<array{int, int, int}>>  $holds  of each task where it ends a hold: resource, units, the task that began it
     * @param  list<list<array{int, int, int}>>  $holdsOn  of each task where it begins one: resource, units, the task that ends it
     * @param  array<int, array<int, int>>  $capacity  of each resource in each minute
     * @param  list<int>  $shelves  of each oven
     * @param  list<float>  $tolerance  of each oven, K
     * @param  list<int|null>  $outFrom  of each oven the minute from which it is out; null where it stays
     * @param  list<int>  $release  of each task, before which it does not begin
     * @param  list<int>  $latest  of each task, after which it does not begin
     * @param  int  $coldFrom  from when an oven that is cold can be lit
     * @param  array<int, int>  $fixed  start of those that stand
     * @param  bool  $isTurned  time runs backwards
     */
    private function __construct(
        public int $length,
        public array $minutes,
        public array $parts,
        public array $ovens,
        public array $before,
        public array $after,
        public array $follows,
        public array $holds,
        public array $holdsOn,
        public array $capacity,
        public array $shelves,
        public array $tolerance,
        public array $outFrom,
        public array $release,
        public array $latest,
        public int $coldFrom,
        public array $fixed,
        public bool $isTurned,
    ) {
    }

    /**
     * @param  int  $fromMinute  first minute that is planned
     * @param  int  $toMinute  last one
     * @param  array<int, int>  $fixed  start of each task that stands, by its place, from `fromMinute`
     * @param  list<int>  $release  of each task, from `fromMinute`
     * @param  array<string, int>  $outFrom  by oven, minute of the day
     * @param  int  $coldFrom  minute of the day from which a cold oven can be lit
     */
    public static function of(DayTasks $day, DayKitchen $kitchen, int $fromMinute, int $toMinute, array $fixed, array $release, array $outFrom, int $coldFrom): self
    {
        $at = $day->places();
        $count = count($day->tasks);
        $before = $after = $follows = $holds = $holdsOn = array_fill(0, $count, []);
        $minutes = array_map(static fn (Task $one): int => $one->minutes, $day->tasks);
        foreach ($day->bounds as $bound) {
            [$from, $to] = [$at[$bound->from], $at[$bound->to]];
            $lag = $minutes[$from] + $bound->leastMinutes;
            $before[$to][] = [$from, $lag];
            $after[$from][] = [$to, $lag];
            $follows[$from][] = $to;
            if ($bound->mostMinutes !== null) {
                $back = -($minutes[$from] + $bound->mostMinutes);
                $before[$from][] = [$to, $back];
                $after[$to][] = [$from, $back];
            }
        }
        foreach ($day->holds as $hold) {
            $place = self::resource($hold->resource);
            $holds[$at[$hold->to]][] = [$place, $hold->units, $at[$hold->from]];
            $holdsOn[$at[$hold->from]][] = [$place, $hold->units, $at[$hold->to]];
        }
        $ovenAt = array_flip(array_map(static fn (DayOven $one): string => $one->id, $kitchen->ovens));

        return new self(
            $toMinute - $fromMinute, $minutes,
            array_map(static fn (Task $task): array => array_map(static fn (Part $one): array => [$one->fromMinute, $one->minutes, self::resource($one->resource), $one->units], $task->parts), $day->tasks),
            array_map(static fn (Task $task): array => array_map(static fn (OvenOption $one): array => [$ovenAt[$one->oven], $one->shelves, array_map(static fn (HeatPart $heat): array => [$heat->fromMinute, $heat->minutes, $heat->celsius], $one->heats)], $task->ovens), $day->tasks),
            $before, $after, $follows, $holds, $holdsOn, self::capacities($kitchen, $fromMinute, $toMinute),
            array_map(static fn (DayOven $one): int => $one->shelves, $kitchen->ovens),
            array_map(static fn (DayOven $one): float => $one->toleranceKelvins, $kitchen->ovens),
            array_map(static fn (DayOven $one): ?int => isset($outFrom[$one->id]) ? $outFrom[$one->id] - $fromMinute : null, $kitchen->ovens),
            $release, array_map(static fn (int $one): int => $toMinute - $fromMinute - $one, $minutes), $coldFrom - $fromMinute, $fixed, false,
        );
    }

    public static function resource(Resource $resource): int
    {
        return (int) array_search($resource, Resource::cases(), true);
    }

    public function count(): int
    {
        return count($this->minutes);
    }

    /** Time backwards: what ended at a minute begins there. */
    public function turned(): self
    {
        $m = $this->minutes;
        $follows = array_fill(0, $this->count(), []);
        foreach ($this->follows as $i => $own) {
            foreach ($own as $j) {
                $follows[$j][] = $i;
            }
        }

        return new self(
            $this->length, $m,
            array_map(static fn (array $parts, int $all): array => array_map(static fn (array $one): array => [$all - $one[0] - $one[1], $one[1], $one[2], $one[3]], $parts), $this->parts, $m),
            array_map(static fn (array $options, int $all): array => array_map(static fn (array $one): array => [$one[0], $one[1], array_map(static fn (array $heat): array => [$all - $heat[0] - $heat[1], $heat[1], $heat[2]], array_reverse($one[2]))], $options), $this->ovens, $m),
            $this->turnedArcs($this->after, 1), $this->turnedArcs($this->before, -1), $follows, $this->holdsOn, $this->holds,
            array_map(array_reverse(...), $this->capacity), $this->shelves, $this->tolerance, $this->outFrom, array_fill(0, $this->count(), 0),
            array_map(fn (int $release, int $minutes): int => $this->length - $release - $minutes, $this->release, $m), $this->coldFrom, self::turnedFixed($this->fixed, $m, $this->length), true,
        );
    }

    /** Whole minutes that an oven needs from one heat to the next, the way time runs here. */
    public function change(int $fromCelsius, int $toCelsius): int
    {
        return $this->isTurned ? HeatChange::minutes($toCelsius, $fromCelsius) : HeatChange::minutes($fromCelsius, $toCelsius);
    }

    /**
     * Where s_i >= s_j + lag, backwards s'_j >= s'_i + lag + minutes_i - minutes_j.
     *
     * @param  list<list<array{int, int}>>  $arcs
     * @param  int  $sign  1 for those of the earlier one, -1 for those of the later one
     * @return list<list<array{int, int}>>
     */
    private function turnedArcs(array $arcs, int $sign): array
    {
        $turned = [];
        foreach ($arcs as $at => $own) {
            $turned[] = array_map(fn (array $one): array => [$one[0], $one[1] + $sign * ($this->minutes[$one[0]] - $this->minutes[$at])], $own);
        }

        return $turned;
    }

    /**
     * @param  array<int, int>  $fixed
     * @param  list<int>  $minutes
     * @return array<int, int>
     */
    private static function turnedFixed(array $fixed, array $minutes, int $length): array
    {
        foreach ($fixed as $i => $start) {
            $fixed[$i] = $length - $start - $minutes[$i];
        }

        return $fixed;
    }

    /** @return array<int, array<int, int>> units by resource and minute */
    private static function capacities(DayKitchen $kitchen, int $fromMinute, int $toMinute): array
    {
        $hands = array_fill(0, $toMinute - $fromMinute, 0);
        foreach ($kitchen->cooks as $cook) {
            foreach ($cook->hours as $one) {
                for ($minute = max($fromMinute, $one->fromMinute); $minute < min($toMinute, $one->toMinute); $minute++) {
                    $hands[$minute - $fromMinute]++;
                }
            }
        }
        $all = static fn (int $units): array => array_fill(0, $toMinute - $fromMinute, $units);

        return [
            self::resource(Resource::Hands) => $hands, self::resource(Resource::Ring) => $all($kitchen->rings), self::resource(Resource::Mixer) => $all($kitchen->mixers),
            self::resource(Resource::Fridge) => $all($kitchen->fridgeTins), self::resource(Resource::Rack) => $all($kitchen->rackTins),
        ];
    }
}

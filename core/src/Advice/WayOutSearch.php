<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice;

use Hojaldre\Core\Advice\Levers\Lever;
use Hojaldre\Core\Advice\Levers\Levers;
use Hojaldre\Core\Forecast\Readings\Reading;
use Hojaldre\Core\Forecast\Readings\Readings;
use Hojaldre\Core\Pie\Pie;

/**
 * Finds the least pull of each lever that seats a reading, then of two levers together where none does alone: the ones that
 * did most, each at its furthest, with every other. Never ranked on single small steps, since some levers do little alone.
 */
final readonly class WayOutSearch
{
    private const MOST_WAYS = 3;

    /** Firsts of a pair that are followed up. */
    private const FIRSTS = 3;

    /** @param  list<Reading>  $readings all of this pie, as the forecast shows them */
    private function __construct(private string $name, private Pie $pie, private array $readings, private Trials $search, private int $trouble, private bool $parBakes)
    {
    }

    /**
     * @param  list<Reading>  $readings  all of this pie
     * @param  bool  $parBakes  false for a cook who never bakes a shell blind
     * @return list<WayOut> cheapest first
     */
    public static function ways(Reading $reading, Pie $pie, array $readings, Trials $search, bool $parBakes = true): array
    {
        $trouble = $search->side($reading->name, $pie);
        if ($trouble === null || $trouble === 0) {
            // it stands so near to its limit that the rough bake calls it seated
            $trouble = $reading->value !== null && $reading->limits->upper !== null && $reading->value > $reading->limits->upper ? 1 : ($trouble ?? 1);
        }

        return (new self($reading->name, $pie, $readings, $search, $trouble === 0 ? 1 : $trouble, $parBakes))->find($reading);
    }

    /** @return list<WayOut> */
    private function find(Reading $reading): array
    {
        $pulls = array_map(fn (Lever $lever): Pull => $this->least($this->pie, $lever), Levers::for($reading, $this->pie, $this->parBakes));
        $clearing = array_filter($pulls, static fn (Pull $pull): bool => $pull->clears);
        $pulls = $clearing === [] ? [...$this->pairs($reading, $pulls), ...$pulls] : $clearing;
        $pulls = array_filter($pulls, fn (Pull $pull): bool => ! $this->makesUnsafe($pull));
        $ranked = array_map(fn (Pull $pull): array => [$pull, [! $pull->clears, $this->newTroubles($pull), $pull->cost]], array_values($pulls));
        usort($ranked, static fn (array $a, array $b): int => $a[1] <=> $b[1]);

        return array_map(fn (array $one): WayOut => $this->describe($one[0]), array_slice($ranked, 0, self::MOST_WAYS));
    }

    /** Nothing is mended at the price of safety. */
    private function makesUnsafe(Pull $pull): bool
    {
        foreach ($this->readings as $before) {
            if ($before->name === 'safe') {
                return ! $before->inTrouble() && ($this->search->side('safe', $pull->pie) ?? 0) > 0;
            }
        }

        return false;
    }

    private function newTroubles(Pull $pull): int
    {
        $troubles = 0;
        foreach ($this->readings as $before) {
            $troubles += ! $before->inTrouble() && abs($this->search->side($before->name, $pull->pie) ?? 0) > 0 ? 1 : 0;
        }

        return $troubles;
    }

    /**
     * Bisection over whole steps to the least pull that leaves the side of the trouble; where even the furthest does not, the
     * furthest. It may land beyond the other limit, then it does not clear.
     */
    private function least(Pie $pie, Lever $lever): Pull
    {
        $step = $lever->step($pie);
        $enough = max(1, (int) floor($lever->most($pie) / $step + 1e-9));
        $short = 0;
        $inTrouble = fn (int $steps): bool => $this->search->side($this->name, $lever->pull($pie, $steps * $step)) === $this->trouble;
        if (! $inTrouble($enough)) {
            while ($enough - $short > 1) {
                $middle = intdiv($enough + $short, 2);
                if ($inTrouble($middle)) {
                    $short = $middle;
                } else {
                    $enough = $middle;
                }
            }
        }
        $by = $enough * $step;
        $pulled = $lever->pull($pie, $by);

        return new Pull($lever->id(), $lever->act($pie, $by), $lever->cost(), $pulled, $this->search->side($this->name, $pulled) === 0);
    }

    /**
     * @param  list<Pull>  $pulls
     * @return list<Pull> those that clear together
     */
    private function pairs(Reading $reading, array $pulls): array
    {
        $pairs = [];
        foreach ($this->strongest($pulls) as $first) {
            foreach (Levers::for($reading, $first->pie, $this->parBakes) as $lever) {
                if ($lever->id() === $first->id) {
                    continue;
                }
                $second = $this->least($first->pie, $lever);
                if ($second->clears) {
                    $ids = [$first->id, $second->id];
                    sort($ids);
                    // the same two in the other order pull the first one less far than this
                    $pairs[implode('+', $ids)] ??= new Pull(implode('+', $ids), $first->act.'; '.lcfirst($second->act), $first->cost + $second->cost, $second->pie, true);
                }
            }
        }

        return array_values($pairs);
    }

    /**
     * @param  list<Pull>  $pulls
     * @return list<Pull> those that move the reading most
     */
    private function strongest(array $pulls): array
    {
        $index = array_search($this->name, Readings::ORDER, true);
        $moved = array_map(fn (Pull $pull): array => [-abs(($this->search->readings($pull->pie)[$index]->value ?? 0.0) - ($this->readings[$index]->value ?? 0.0)), $pull], $pulls);
        usort($moved, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return array_map(static fn (array $one): Pull => $one[1], array_slice($moved, 0, self::FIRSTS));
    }

    private function describe(Pull $pull): WayOut
    {
        $effects = [];
        $low = $high = null;
        foreach ($this->search->readings($pull->pie) as $index => $after) {
            $effects[] = new Effect($this->readings[$index], $after);
            if ($after->name === $this->name) {
                [$low, $high] = [$after->low, $after->high];
            }
        }

        return new WayOut(
            $pull->id, $pull->act, $pull->clears, $low, $high,
            Change::between($this->pie->toArray(), $pull->pie->toArray()), $effects,
        );
    }
}

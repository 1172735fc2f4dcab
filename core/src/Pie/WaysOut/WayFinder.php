<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie\WaysOut;

use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\Readings\Gauge;
use Hojaldre\Core\Pie\Readings\Reader;
use Hojaldre\Core\Pie\Readings\Reading;

/**
 * Finds the least pull of each lever that seats a reading, then of two levers together where none does alone.
 * It only asks a gauge whether a changed pie is seated, so it does not mind how the gauge comes by its value.
 */
final readonly class WayFinder
{
    private const MOST_WAYS = 3;

    /**
     * @param  list<Reading>  $readings  all five of this pie
     * @return list<WayOut> cheapest first
     */
    public static function ways(Gauge $gauge, Reading $reading, Pie $pie, array $readings): array
    {
        $levers = Levers::for($reading, $pie);
        $pulls = array_map(static fn (Lever $lever): Pull => self::least($gauge, $pie, $lever), $levers);
        if (array_filter($pulls, static fn (Pull $pull): bool => $pull->clears) === []) {
            $pulls = [...self::pairs($gauge, $reading, $pie, $pulls), ...$pulls];
        } else {
            $pulls = array_filter($pulls, static fn (Pull $pull): bool => $pull->clears);
        }
        $ranked = array_map(static fn (Pull $pull): array => [$pull, [! $pull->clears, self::newTroubles($pull, $readings), $pull->cost]], array_values($pulls));
        usort($ranked, static fn (array $a, array $b): int => $a[1] <=> $b[1]);

        return array_map(static fn (array $one): WayOut => self::describe($gauge, $pie, $one[0], $readings), array_slice($ranked, 0, self::MOST_WAYS));
    }

    /** @param  list<Reading>  $readings before the pull */
    private static function newTroubles(Pull $pull, array $readings): int
    {
        $troubles = 0;
        foreach (Reader::gauges() as $index => $gauge) {
            $troubles += ! $readings[$index]->inTrouble() && abs(Reader::side($gauge, $pull->pie) ?? 0) > 0 ? 1 : 0;
        }

        return $troubles;
    }

    /**
     * Bisection over whole steps to the least pull that leaves the side of the trouble; where even the furthest does not, the
     * furthest. It may land beyond the other limit, then it does not clear.
     */
    private static function least(Gauge $gauge, Pie $pie, Lever $lever): Pull
    {
        $trouble = Reader::side($gauge, $pie);
        $step = $lever->step($pie);
        $enough = max(1, (int) floor($lever->most($pie) / $step + 1e-9));
        $short = 0;
        $inTrouble = static fn (int $steps): bool => Reader::side($gauge, $lever->pull($pie, $steps * $step)) === $trouble;
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

        return new Pull($lever->id(), $lever->act($pie, $by), $lever->cost(), $pulled, Reader::side($gauge, $pulled) === 0);
    }

    /**
     * @param  list<Pull>  $firsts
     * @return list<Pull> those that clear together
     */
    private static function pairs(Gauge $gauge, Reading $reading, Pie $pie, array $firsts): array
    {
        $pairs = [];
        foreach ($firsts as $first) {
            foreach (Levers::for($reading, $first->pie) as $lever) {
                if ($lever->id() === $first->id) {
                    continue;
                }
                $second = self::least($gauge, $first->pie, $lever);
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

    /** @param  list<Reading>  $readings */
    private static function describe(Gauge $gauge, Pie $pie, Pull $pull, array $readings): WayOut
    {
        $effects = [];
        $low = $high = null;
        foreach (Reader::gauges() as $index => $each) {
            $before = $readings[$index];
            $after = Reader::take($each, $pull->pie);
            $effects[] = new Effect($before, $after);
            if ($each->name() === $gauge->name()) {
                [$low, $high] = [$after->low, $after->high];
            }
        }

        return new WayOut(
            $pull->id, $pull->act, $pull->clears, $low, $high,
            Change::between($pie->toArray(), $pull->pie->toArray()), $effects,
        );
    }
}

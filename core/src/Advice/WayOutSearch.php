<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice;

use Hojaldre\Core\Advice\Levers\BakeShell;
use Hojaldre\Core\Advice\Levers\BakeShellLonger;
use Hojaldre\Core\Advice\Levers\Lever;
use Hojaldre\Core\Advice\Levers\Levers;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Forecast\Readings\Reading;
use Hojaldre\Core\Forecast\Readings\ReadingName;
use Hojaldre\Core\Forecast\Readings\Readings;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Seasoning\Salt;

/**
 * Finds the least pull of each lever that mends a reading, then of two levers together where none does alone: the ones that
 * did most, each at its furthest, with every other. Never ranked on single small steps, since some levers do little alone.
 * The search bakes roughly; the few ways that are shown are baked finely, and pulled a step further where the fine bake wants it.
 */
final readonly class WayOutSearch
{
    /** Ways that are shown, firsts of a pair that are followed up, steps that the fine bake may add (definition). */
    private const MOST_WAYS = 3;

    private const FIRSTS = 3;

    private const MOST_STEPS_MORE = 4;

    private function __construct(private Reading $reading, private Pie $pie, private Forecast $forecast, private Trials $trials, private int $trouble, private bool $parBakes, private float $saltPercent)
    {
    }

    /**
     * @param  bool  $parBakes  false for a cook who never bakes a shell blind
     * @return list<WayOut> cheapest first
     */
    public static function ways(Reading $reading, Forecast $forecast, Trials $trials, bool $parBakes = true, float $saltPercent = Salt::AIM_PERCENT): array
    {
        $trouble = $trials->side($reading->name, $forecast->pie);
        if ($trouble === null || $trouble === 0) {
            // it stands so near to its limit that the rough bake calls it inside
            $trouble = $reading->value === null || $reading->limits->side($reading->value) === 0 ? 1 : $reading->limits->side($reading->value);
        }

        return (new self($reading, $forecast->pie, $forecast, $trials, $trouble, $parBakes, $saltPercent))->find();
    }

    /** @return list<WayOut> */
    private function find(): array
    {
        $pulls = $this->single();
        $clearing = array_filter($pulls, static fn (Pull $pull): bool => $pull->clears);
        $pulls = $clearing === [] ? [...$this->pairs($pulls), ...$pulls] : $clearing;
        $pulls = array_filter($pulls, fn (Pull $pull): bool => ! $this->makesUnsafe($this->trials->side(ReadingName::Safe, $pull->pie)));
        $ranked = $this->ranked(array_values($pulls));
        $shown = [];
        foreach ($ranked as $pull) {
            $true = $this->inTruth($pull);
            if ($true !== null) {
                $shown[] = $true;
            }
            if (count($shown) === self::MOST_WAYS) {
                break;
            }
        }

        return array_map($this->describe(...), $this->ranked($shown));
    }

    /**
     * One lever alone, the cheapest first; none as dear or dearer is tried once as many as are shown do it and trouble nothing else.
     *
     * @return list<Pull>
     */
    private function single(): array
    {
        $levers = $this->levers($this->pie);
        usort($levers, static fn (Lever $a, Lever $b): int => $a->cost() <=> $b->cost());
        $pulls = [];
        $good = $dearest = 0;
        foreach ($levers as $lever) {
            if ($good >= self::MOST_WAYS && $lever->cost() >= $dearest) {
                break;
            }
            $pull = $this->least($lever, $this->pie);
            $pulls[] = $pull;
            if ($pull->clears && $this->newTroubles($pull) === 0) {
                $good++;
                $dearest = $lever->cost();
            }
        }

        return $pulls;
    }

    /** @return list<Lever> */
    private function levers(Pie $pie): array
    {
        return array_values(array_filter(
            Levers::for($this->reading, $pie, $this->saltPercent),
            fn (Lever $lever): bool => $this->parBakes || ! ($lever instanceof BakeShell || $lever instanceof BakeShellLonger),
        ));
    }

    /**
     * @param  list<Pull>  $pulls
     * @return list<Pull> what clears first, then what troubles no other reading, then what costs the cook least
     */
    private function ranked(array $pulls): array
    {
        $ranked = array_map(fn (Pull $pull): array => [$pull, [! $pull->clears, $this->newTroubles($pull), $pull->cost()]], $pulls);
        usort($ranked, static fn (array $a, array $b): int => $a[1] <=> $b[1]);

        return array_map(static fn (array $one): Pull => $one[0], $ranked);
    }

    /** Nothing is mended at the price of safety. */
    private function makesUnsafe(?int $side): bool
    {
        return $this->forecast->reading(ReadingName::Safe)?->inTrouble() === false && ($side ?? 0) > 0;
    }

    private function newTroubles(Pull $pull): int
    {
        $troubles = 0;
        foreach ($this->forecast->readings as $before) {
            $troubles += ! $before->inTrouble() && abs($this->trials->side($before->name, $pull->pie) ?? 0) > 0 ? 1 : 0;
        }

        return $troubles;
    }

    /** What the fine bake says of a pull, and of the same pulled a little further where that says it falls short; null where it is not safe. */
    private function inTruth(Pull $pull): ?Pull
    {
        $side = $this->trials->sideInTruth($this->reading->name, $pull->pie);
        for ($more = 0; $pull->clears && $side === $this->trouble && $more < self::MOST_STEPS_MORE; $more++) {
            $further = $pull->further();
            if ($further === null) {
                break;
            }
            $pull = $further->clearing(true);
            $side = $this->trials->sideInTruth($this->reading->name, $pull->pie);
        }

        return $this->makesUnsafe($this->trials->sideInTruth(ReadingName::Safe, $pull->pie)) ? null : $pull->clearing($side === 0);
    }

    /**
     * The least pull, in whole steps, that leaves the side of the trouble; where even the furthest does not, the furthest. It may land
     * beyond the other limit, then it does not clear. Between a pull that is too short and one that is enough it looks where a straight
     * line between the two readings meets the limit, and halves where that comes no nearer.
     */
    private function least(Lever $lever, Pie $pie, ?Pull $first = null): Pull
    {
        $step = $lever->step($pie);
        $enough = max(1, (int) floor($lever->most($pie) / $step + 1e-9));
        $short = 0;
        $inTrouble = fn (int $steps): bool => $this->trials->side($this->reading->name, $lever->pull($pie, $steps * $step)) === $this->trouble;
        if (! $inTrouble($enough)) {
            $at = fn (int $steps): float => $this->trials->beyond($this->reading->name, $steps === 0 ? $pie : $lever->pull($pie, $steps * $step), $this->trouble);
            [$over, $under] = [$at(0), $at($enough)];
            for ($turn = 1; $enough - $short > 1; $turn++) {
                $share = $turn % 3 === 0 || ! ($over > 0) || ! ($under < 0) ? 0.5 : $over / ($over - $under);
                $middle = max($short + 1, min($enough - 1, $short + (int) ceil(($enough - $short) * $share)));
                if ($inTrouble($middle)) {
                    [$short, $over] = [$middle, $at($middle)];
                } else {
                    [$enough, $under] = [$middle, $at($middle)];
                }
            }
        }
        $pull = Pull::of($lever, $enough * $step, $pie, $first);

        return $pull->clearing($this->trials->side($this->reading->name, $pull->pie) === 0);
    }

    /**
     * @param  list<Pull>  $pulls
     * @return list<Pull> those that clear together
     */
    private function pairs(array $pulls): array
    {
        $pairs = [];
        foreach ($this->strongest($pulls) as $first) {
            foreach ($this->levers($first->pie) as $lever) {
                if ($first->pulls($lever)) {
                    continue;
                }
                $pair = $this->least($lever, $first->pie, $first);
                if ($pair->clears) {
                    // the same two in the other order pull the first one less far than this
                    $pairs[$pair->id()] ??= $pair;
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
        $before = $this->reading->value ?? 0.0;
        $moved = array_map(fn (Pull $pull): array => [-abs((Readings::named($this->trials->readings($pull->pie), $this->reading->name)->value ?? 0.0) - $before), $pull], $pulls);
        usort($moved, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return array_map(static fn (array $one): Pull => $one[1], array_slice($moved, 0, self::FIRSTS));
    }

    private function describe(Pull $pull): WayOut
    {
        $after = $this->trials->readingsInTruth($pull->pie);
        $mended = Readings::named($after, $this->reading->name);

        return new WayOut(
            $pull->id(), $pull->acts(), $pull->clears, $mended?->low, $mended?->high,
            Change::ofPies($this->pie, $pull->pie), Effect::between($this->forecast->readings, $after),
        );
    }
}

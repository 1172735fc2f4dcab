<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie;

use Hojaldre\Core\Food\AmountParser;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Measure\CookUnits;
use Hojaldre\Core\Measure\Figures;
use Hojaldre\Core\Measure\Span;
use Hojaldre\Core\Measure\Spoken\SpokenAmount;
use Hojaldre\Core\Measure\Spoken\SpokenPart;
use Hojaldre\Core\Measure\Spoken\Tokens;
use Hojaldre\Core\Measure\Spoken\UnitWords;
use Hojaldre\Core\Moisture\OnePan as Shares;
use Hojaldre\Core\Refusal\Refused;

/** Layers of a pie that were cooked in one pan and put on the scale together. */
final readonly class OnePan
{
    /** What is written down as done where nothing was said of it. */
    private const COOKED = 'cooked in one pan';

    private const IN_A_PAN = 'weighed in one pan';

    /**
     * The weight is of all of them as they go in, and each keeps its share of it. What they were told to weigh before that is
     * overwritten; a step that was told stays.
     *
     * @param  list<string>  $ids  of solid layers, two or more
     * @param  string  $words  a weight, such as "520 g" or "1 lb 2 oz"
     *
     * @throws Refused pan-of-one, no-such-layer, pan-not-a-weight, heavier-than-before, drier-than-dry and what AmountParser refuses
     */
    public static function weighed(Pie $pie, array $ids, string $words, CookUnits $units): Pie
    {
        $layers = self::layers($pie, array_values(array_unique($ids)));
        $now = self::weight($words, $layers[0], $units);
        $before = array_map(self::beforeGrams(...), $layers);
        $losable = array_map(static fn (SolidLayer $one): float => max(0.0, self::beforeGrams($one) - $one->bought->grams + $one->food->losableGrams($one->bought->grams)), $layers);
        $most = array_sum($before);
        if ($now->value > $most + 1e-6) {
            throw Refused::because('heavier-than-before', '/words', ['beforeGrams' => $most]);
        }
        if ($now->value < $most - array_sum($losable) - 1e-6) {
            throw Refused::because('drier-than-dry', '/words', ['losableGrams' => array_sum($losable), 'lostGrams' => $most - $now->value]);
        }
        $after = Shares::shares($before, array_map(self::commonlyLostGrams(...), $layers), $losable, $now->value);
        $pan = self::free($pie);
        foreach ($layers as $at => $layer) {
            $pie = $pie->withLayer(self::stepped($layer, $now->times($after[$at] / max(1e-9, $now->value)))->inPan($pan))
                ->withAssumed(array_values(array_filter($pie->assumed, static fn (Assumed $one): bool => ! str_starts_with($one->place, "/layers/$layer->id/steps/"))));
        }

        return $pie;
    }

    /**
     * @param  list<string>  $ids
     * @return non-empty-list<SolidLayer>
     */
    private static function layers(Pie $pie, array $ids): array
    {
        $layers = [];
        foreach ($ids as $id) {
            $found = array_values(array_filter($pie->solids(), static fn (SolidLayer $one): bool => $one->id === $id));
            $layers[] = $found[0] ?? throw Refused::because('no-such-layer', '/layers');
        }

        return count($layers) < 2 ? throw Refused::because('pan-of-one', '/layers') : $layers;
    }

    private static function weight(string $words, SolidLayer $first, CookUnits $units): Span
    {
        $parts = SpokenAmount::of(Tokens::of($words))->parts;
        $isWeight = $parts !== [] && array_filter($parts, static fn (SpokenPart $one): bool => ! UnitWords::isMass($one->unit)) === [];

        return $isWeight ? (new AmountParser($units))->read($words, $first->food)->span() : throw Refused::because('pan-not-a-weight', '/words', ['text' => $words]);
    }

    /** Before the last thing that was done to it. */
    private static function beforeGrams(SolidLayer $layer): float
    {
        $steps = count($layer->steps);

        return $steps < 2 ? $layer->bought->grams : $layer->steps[$steps - 2]->after->grams;
    }

    /** As it was told; else the middle of what kitchens say of it; else what an oven would take. */
    private static function commonlyLostGrams(SolidLayer $layer): float
    {
        $before = self::beforeGrams($layer);
        if ($layer->steps !== []) {
            return max(0.0, $before - $layer->now->grams);
        }
        $usual = Pantry::preparations($layer->food->id)[0] ?? null;

        return $before * (1 - ($usual === null ? $layer->food->floorYield : ($usual->yieldLow + $usual->yieldHigh) / 2));
    }

    private static function stepped(SolidLayer $layer, Span $after): SolidLayer
    {
        $amount = Amount::spoken(Figures::grams($after->value), $after);
        if ($layer->steps === []) {
            // what was in a pan and is lighter need not be done
            return $layer->withSteps([new Step($layer->food->isRaw() ? self::IN_A_PAN : self::COOKED, $amount)]);
        }
        $last = $layer->steps[count($layer->steps) - 1];

        return $layer->withSteps([...array_slice($layer->steps, 0, -1), new Step($last->preparation, $amount, $last->saltGrams, $last->waterSaltGramsPerLitre)]);
    }

    private static function free(Pie $pie): string
    {
        $taken = array_map(static fn (SolidLayer $one): string => $one->pan, $pie->solids());
        for ($number = 1; in_array("pan-$number", $taken, true); $number++) {
            continue;
        }

        return "pan-$number";
    }
}

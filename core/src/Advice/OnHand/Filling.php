<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\OnHand;

use Hojaldre\Core\Food\Cooking;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Food\Preparation;
use Hojaldre\Core\Measure\Span;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\Assumed;
use Hojaldre\Core\Pie\PieKind;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Pie\StartingPlace;
use Hojaldre\Core\Pie\Step;

/** Up to three foods that fill a pie together, and what part of it each is as it goes in. */
final readonly class Filling
{
    /** Parts of the weight as it goes in: a filling is vegetable first, cheese last (common practice, no source). */
    private const VEGETABLE = 1.0;

    private const FLESH = 0.7;

    private const CHEESE = 0.35;

    /** Bought amounts are told in steps of so much, g (definition). */
    private const STEP_GRAMS = 5.0;

    /** @param  non-empty-list<array{Food, float}>  $parts */
    private function __construct(public array $parts)
    {
    }

    /** @return list<Food> */
    public function foods(): array
    {
        return array_map(static fn (array $part): Food => $part[0], $this->parts);
    }

    /**
     * Some that can be made from a shelf, the ones that use most of it first, each as unlike those before as can be; no cheese alone.
     *
     * @return list<self>
     */
    public static function from(Shelf $shelf, int $most): array
    {
        $fillings = [];
        foreach ([null, ...$shelf->vegetables] as $vegetable) {
            foreach ([null, ...$shelf->flesh] as $flesh) {
                foreach ([null, ...$shelf->cheeses] as $cheese) {
                    $parts = array_values(array_filter([$vegetable === null ? null : [$vegetable, self::VEGETABLE], $flesh === null ? null : [$flesh, self::FLESH], $cheese === null ? null : [$cheese, self::CHEESE]]));
                    if (($vegetable !== null || $flesh !== null) && $parts !== []) {
                        $fillings[] = new self($parts);
                    }
                }
            }
        }
        foreach ($shelf->vegetables as $at => $one) {
            foreach (array_slice($shelf->vegetables, $at + 1) as $other) {
                foreach ([null, ...$shelf->flesh] as $flesh) {
                    $fillings[] = new self([[$one, self::VEGETABLE], [$other, self::VEGETABLE], ...($flesh === null ? [] : [[$flesh, self::FLESH]])]);
                }
            }
        }
        usort($fillings, static fn (self $a, self $b): int => count($b->parts) <=> count($a->parts));

        return self::unlike($fillings, $most);
    }

    /**
     * @param  list<self>  $fillings
     * @return list<self>
     */
    private static function unlike(array $fillings, int $most): array
    {
        $chosen = $used = [];
        while ($fillings !== [] && count($chosen) < $most) {
            $again = array_map(static fn (self $one): int => count(array_filter($one->foods(), static fn (Food $food): bool => isset($used[$food->id]))) - count($one->parts), $fillings);
            $at = (int) array_search(min($again), $again, true);
            $chosen[] = $fillings[$at];
            $used += array_fill_keys(array_map(static fn (Food $food): string => $food->id, $fillings[$at]->foods()), true);
            array_splice($fillings, $at, 1);
        }

        return $chosen;
    }

    /** The usual way to make it ready; raw flesh by one that cooks it through, where there is one. */
    private static function usual(Food $food): ?Preparation
    {
        $ways = Pantry::preparations($food->id);
        $through = array_values(array_filter($ways, static fn (Preparation $one): bool => $food->isRaw() && Cooking::isThrough($one->name, $food)));

        return $through[0] ?? $ways[0] ?? null;
    }

    /**
     * As layers that weigh so much together when they go in. What is commonly made ready before is told with the weight to stop at;
     * a pasty takes its roots and its meat raw, and under a lid meat goes in raw.
     *
     * @return array{list<SolidLayer>, list<Assumed>}
     */
    public function layers(float $grams, PieKind $kind): array
    {
        $all = array_sum(array_map(static fn (array $part): float => $part[1], $this->parts));
        $layers = $assumed = [];
        foreach ($this->parts as [$food, $share]) {
            $now = $grams * $share / $all;
            $done = $kind === PieKind::Pasty || $food->isRawFlesh() && ! $kind->isPoured() && $kind !== PieKind::HandPie ? null : self::usual($food);
            $yield = $done === null ? 1.0 : ($done->yieldLow + $done->yieldHigh) / 2;
            $bought = max(self::STEP_GRAMS, round($now / $yield / self::STEP_GRAMS) * self::STEP_GRAMS);
            $steps = $done === null ? [] : [new Step($done->name, Amount::spoken(round($bought * $yield).' g', Span::of(round($bought * $yield), round($bought * $done->yieldLow), round($bought * $done->yieldHigh))))];
            $layer = new SolidLayer($food->id, $food, Amount::of($bought), $steps, null, StartingPlace::Bench->celsius());
            $layers[] = $steps === [] || $layer->isRaw() ? $layer->startingAt(StartingPlace::of($food)->celsius()) : $layer;
            $assumed = [...$assumed, ...Assumed::all("/layers/$food->id/bought", "/layers/$food->id/fromCelsius", ...($steps === [] ? [] : ["/layers/$food->id/steps/0/after"]))];
        }

        return [$layers, $assumed];
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast;

use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\CustardLayer;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\Layer;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\ScatteredLayer;
use Hojaldre\Core\Pie\SolidLayer;

/**
 * What follows from amounts that nobody weighed: the same design with each of them at its least and at its most, one amount a pair,
 * and how far the mass of the filling and the water it will let go are unsure by all of them together.
 */
final readonly class AmountDoubts
{
    /** No weight is divided by less, g (numerics). */
    private const LEAST = 1e-9;

    /**
     * @param  list<array{Weights, Weights}>  $pairs  least and most
     * @param  float  $massShare  of the filling, 8 in 10 lie within so much of it
     * @param  float  $weepShare  of the water it lets go
     */
    private function __construct(public array $pairs, public float $massShare, public float $weepShare)
    {
    }

    public static function of(Weights $weights): self
    {
        $pairs = array_map(static fn (array $pair): array => [Weights::of($pair[0]), Weights::of($pair[1])], self::pies($weights->pie));
        $mass = $weep = 0.0;
        foreach ($pairs as [$less, $more]) {
            $mass = hypot($mass, ($more->fillingGrams - $less->fillingGrams) / 2);
            $weep = hypot($weep, ($more->freeGrams - $less->freeGrams) / 2);
        }

        return new self($pairs, $mass / max(1.0, $weights->fillingGrams), $weep / max(1.0, $weights->freeGrams));
    }

    /** @return list<array{Pie, Pie}> */
    private static function pies(Pie $pie): array
    {
        $pairs = [];
        foreach ($pie->layers as $layer) {
            $pairs = [...$pairs, ...array_map(static fn (array $pair): array => [$pie->withLayer($pair[0]), $pie->withLayer($pair[1])], self::layers($layer))];
        }
        foreach ($pie->seasonings as $index => $one) {
            $with = static fn (float $grams): Pie => $pie->withSeasonings(array_values([$index => $one->with($grams)] + $pie->seasonings));
            $span = $one->amount->span();
            $pairs = $span->isExact() ? $pairs : [...$pairs, [$with($span->least), $with($span->most)]];
        }

        return $pairs;
    }

    /** @return list<array{Layer, Layer}> */
    private static function layers(Layer $layer): array
    {
        return match (true) {
            $layer instanceof SolidLayer => self::solid($layer),
            $layer instanceof ScatteredLayer => self::pair($layer->amount, static fn (float $grams): Layer => $layer->withIngredient($layer->ingredient()->with($grams))),
            $layer instanceof CustardLayer => [...self::listed($layer, $layer->eggs, true), ...self::listed($layer, $layer->dairies, false)],
            default => [],
        };
    }

    /**
     * What was bought is scaled with all that came of it; a weight after a step is unsure by itself for the rest.
     *
     * @return list<array{Layer, Layer}>
     */
    private static function solid(SolidLayer $layer): array
    {
        $bought = $layer->bought->span();
        $now = $layer->now->span();
        if ($layer->steps === []) {
            return self::pair($layer->bought, static fn (float $grams): Layer => $layer->scaled($grams / max(self::LEAST, $layer->bought->grams)));
        }
        $pairs = $bought->isExact() ? [] : self::pair($layer->bought, static fn (float $grams): Layer => $layer->scaled($grams / max(self::LEAST, $layer->bought->grams)));
        $own = static fn (float $after, float $before): float => sqrt(max(0.0, $after ** 2 - $before ** 2));
        $down = $own(1 - $now->least / max(self::LEAST, $now->value), 1 - $bought->least / max(self::LEAST, $bought->value));
        $up = $own($now->most / max(self::LEAST, $now->value) - 1, $bought->most / max(self::LEAST, $bought->value) - 1);
        if ($down + $up > 0) {
            $dry = $layer->bought->grams - $layer->food->losableGrams($layer->bought->grams);
            $before = $layer->steps[count($layer->steps) - 2]->after->grams ?? $layer->bought->grams;
            $pairs[] = [$layer->withNow(max($dry, $now->value * (1 - $down))), $layer->withNow(min($before, $now->value * (1 + $up)))];
        }

        return $pairs;
    }

    /**
     * @param  list<Ingredient>  $list
     * @return list<array{Layer, Layer}>
     */
    private static function listed(CustardLayer $layer, array $list, bool $isEgg): array
    {
        $pairs = [];
        foreach ($list as $index => $one) {
            $with = static function (float $grams) use ($layer, $list, $index, $one, $isEgg): Layer {
                $list[$index] = $one->with($grams);

                return $isEgg ? $layer->with(array_values($list), $layer->dairies) : $layer->with($layer->eggs, array_values($list));
            };
            $pairs = [...$pairs, ...self::pair($one->amount, $with)];
        }

        return $pairs;
    }

    /**
     * @param  callable(float): Layer  $with
     * @return list<array{Layer, Layer}>
     */
    private static function pair(Amount $amount, callable $with): array
    {
        $span = $amount->span();

        return $span->isExact() ? [] : [[$with($span->least), $with($span->most)]];
    }
}

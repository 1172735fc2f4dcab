<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice;

use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\Likeness;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Food\Role;
use Hojaldre\Core\Measure\Figures;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\CustardLayer;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\ScatteredLayer;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Pie\Step;
use Hojaldre\Core\Refusal\Refused;

/**
 * What can stand in for one food of a pie, how many grams of it, and what that moves in the readings.
 *
 * The grams keep what the food is there for: a dairy its liquid, a binder the water it holds, a solid its weight in the pie.
 */
final readonly class Swaps
{
    private const MOST = 6;

    /**
     * @param  string  $at  JSON pointer: "/layers/0" a solid or what is strewn, "/layers/2/dairies/1" a dairy, "/layers/0/binder" a binder
     * @return list<array<string, mixed>> the nearest first
     *
     * @throws Refused nothing-to-swap
     */
    public static function of(Pie $pie, string $at): array
    {
        $food = self::foodAt($pie, $at);
        $search = new Trials($pie, null);
        $before = $search->readings($pie);

        return array_map(static function (Food $other) use ($pie, $at, $before, $search): array {
            [$with, $words] = self::swapped($pie, $at, $other);
            $effects = [];
            foreach ($search->readings($with) as $i => $after) {
                $effects[] = (new Effect($before[$i], $after))->toArray();
            }

            return [
                'name' => $other->name,
                'use' => $words,
                'allergens' => $other->allergens,
                'effects' => $effects,
                'changes' => array_map(static fn (Change $change): array => $change->toArray(), Change::between($pie->toArray(), $with->toArray())),
            ];
        }, Likeness::nearest($food, self::MOST));
    }

    private static function foodAt(Pie $pie, string $at): Food
    {
        [$layer, $dairy, $binder] = self::place($pie, $at);

        return match (true) {
            $layer instanceof ScatteredLayer && ! $binder && $dairy === null => $layer->scattered->food,
            $binder && $layer instanceof SolidLayer && $layer->binder !== null => $layer->binder->food,
            $dairy !== null && $layer instanceof CustardLayer && isset($layer->dairies[$dairy]) => $layer->dairies[$dairy]->food,
            ! $binder && $dairy === null && $layer instanceof SolidLayer => $layer->food,
            default => throw Refused::because('nothing-to-swap', '/at', 'Point at a solid layer, at one of its binders or at a dairy of the custard.'),
        };
    }

    /** @return array{Pie, string} the pie with the other food, and what to use of it in words */
    private static function swapped(Pie $pie, string $at, Food $other): array
    {
        [$layer, $dairy, $binder] = self::place($pie, $at);
        if ($layer instanceof CustardLayer) {
            $new = self::instead($layer->dairies[$dairy ?? 0], $other);
            $dairies = $layer->dairies;
            $dairies[$dairy ?? 0] = $new;

            return [$pie->withLayer($layer->with($layer->eggs, array_values($dairies))), $new->amount->words];
        }
        if ($layer instanceof ScatteredLayer) {
            $new = self::instead($layer->scattered, $other);

            return [$pie->withLayer(new ScatteredLayer($layer->id, $new, $layer->fromCelsius)), $new->amount->words];
        }
        assert($layer instanceof SolidLayer);
        if ($binder && $layer->binder !== null) {
            $new = self::instead($layer->binder, $other);

            return [$pie->withLayer($layer->withBinder($new)), $new->amount->words];
        }

        return self::solid($pie, $layer, $other);
    }

    private static function instead(Ingredient $was, Food $other): Ingredient
    {
        $keeps = static fn (Food $food): float => $food->role === Role::Binder ? $food->bindsGramsPerGram : $food->liquidShare;
        $grams = $keeps($other) > 0 ? $was->grams() * $keeps($was->food) / $keeps($other) : $was->grams();

        return new Ingredient($other, Amount::of(round($grams)));
    }

    /** @return array{Pie, string} */
    private static function solid(Pie $pie, SolidLayer $layer, Food $other): array
    {
        $now = $layer->now->grams;
        $preparation = Pantry::preparations($other->id)[0] ?? null;
        $pressed = $layer->now->grams < $layer->bought->grams - 0.5 && $preparation !== null;
        $yield = $pressed ? ($preparation->yieldLow + $preparation->yieldHigh) / 2 : 1.0;
        $bought = round($now / $yield);
        $new = new SolidLayer(
            $layer->id, $other, Amount::of(max($bought, $now)), $pressed ? [new Step($preparation->name, Amount::of($now))] : [], $layer->binder, $layer->fromCelsius,
        );

        return [$pie->withLayer($new), $pressed ? sprintf('%s, %s to %s', Figures::grams($bought), $preparation->name, Figures::grams($now)) : Figures::grams($now)];
    }

    /** @return array{SolidLayer|CustardLayer|ScatteredLayer|null, int|null, bool} layer, place among its dairies, whether its binder is meant */
    private static function place(Pie $pie, string $at): array
    {
        if (preg_match('~^/layers/(\d{1,3})(?:/dairies/(\d{1,3})|(/binder))?$~D', $at, $m) !== 1) {
            return [null, null, false];
        }
        $layer = $pie->layers[(int) $m[1]] ?? null;

        return [
            $layer instanceof SolidLayer || $layer instanceof CustardLayer || $layer instanceof ScatteredLayer ? $layer : null,
            ($m[2] ?? '') === '' ? null : (int) $m[2],
            isset($m[3]),
        ];
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice;

use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\Likeness;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Food\Role;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\CustardLayer;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\ScatteredLayer;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Pie\StartingPlace;
use Hojaldre\Core\Pie\Step;
use Hojaldre\Core\Refusal\Refused;
use Hojaldre\Core\Statement\Statement;

/**
 * What can stand in for one food of a pie, how many grams of it, and what that moves in the readings.
 *
 * The grams keep what the food is there for: a dairy its liquid, a binder the water it holds, a solid its weight in the pie.
 */
final readonly class Swaps
{
    /** A limit of ours (definition). */
    private const MOST = 6;

    /**
     * @param  string  $at  JSON pointer: "/layers/0" a solid or what is scattered, "/layers/2/dairies/1" a dairy, "/layers/0/binder" a binder
     * @return list<Swap> the nearest first
     *
     * @throws Refused nothing-to-swap
     */
    public static function of(Pie $pie, string $at): array
    {
        $trials = new Trials(Weights::of($pie), null);
        $before = $trials->readings($pie);

        return array_map(static function (Food $other) use ($pie, $at, $before, $trials): Swap {
            [$with, $use] = self::swapped($pie, $at, $other);

            return new Swap($other, $use, Effect::between($before, $trials->readings($with)), Change::ofPies($pie, $with));
        }, Likeness::nearest(self::foodAt($pie, $at), self::MOST));
    }

    private static function foodAt(Pie $pie, string $at): Food
    {
        [$layer, $dairy, $binder] = self::place($pie, $at);

        return match (true) {
            $layer instanceof ScatteredLayer && ! $binder && $dairy === null => $layer->food,
            $binder && $layer instanceof SolidLayer && $layer->binder !== null => $layer->binder->food,
            $dairy !== null && $layer instanceof CustardLayer && isset($layer->dairies[$dairy]) => $layer->dairies[$dairy]->food,
            ! $binder && $dairy === null && $layer instanceof SolidLayer => $layer->food,
            default => throw Refused::because('nothing-to-swap', '/at'),
        };
    }

    /** @return array{Pie, Statement} the pie with the other food, and what to use of it */
    private static function swapped(Pie $pie, string $at, Food $other): array
    {
        [$layer, $dairy, $binder] = self::place($pie, $at);
        if ($layer instanceof CustardLayer) {
            $new = self::instead($layer->dairies[$dairy ?? 0], $other);
            $dairies = $layer->dairies;
            $dairies[$dairy ?? 0] = $new;

            return [$pie->withLayer($layer->with($layer->eggs, array_values($dairies))), self::use($new->amount)];
        }
        if ($layer instanceof ScatteredLayer) {
            $new = self::instead($layer->ingredient(), $other);

            return [$pie->withLayer($layer->withIngredient($new)), self::use($new->amount)];
        }
        assert($layer instanceof SolidLayer);
        if ($binder && $layer->binder !== null) {
            $new = self::instead($layer->binder, $other);

            return [$pie->withLayer($layer->withBinder($new)), self::use($new->amount)];
        }

        return self::solid($pie, $layer, $other);
    }

    private static function instead(Ingredient $was, Food $other): Ingredient
    {
        $keeps = static fn (Food $food): float => $food->role === Role::Binder ? $food->bindsGramsPerGram : $food->liquidShare;
        $grams = $keeps($other) > 0 ? $was->grams() * $keeps($was->food) / $keeps($other) : $was->grams();

        return new Ingredient($other, Amount::of(round($grams)));
    }

    private static function use(Amount $amount): Statement
    {
        return new Statement('swap.use', ['amountGrams' => $amount->grams]);
    }

    /** @return array{Pie, Statement} */
    private static function solid(Pie $pie, SolidLayer $layer, Food $other): array
    {
        $now = $layer->now->grams;
        $preparation = Pantry::preparations($other->id)[0] ?? null;
        $pressed = $layer->now->grams < $layer->bought->grams - 0.5 && $preparation !== null;
        $yield = $pressed ? ($preparation->yieldLow + $preparation->yieldHigh) / 2 : 1.0;
        $bought = round($now / $yield);
        $new = new SolidLayer(
            $layer->id, $other, Amount::of(max($bought, $now)), $pressed ? [new Step($preparation->name, Amount::of($now))] : [], $layer->binder,
            // never warmer than it is commonly kept, whatever it stands in for
            min($layer->fromCelsius, StartingPlace::of($other) === StartingPlace::Fridge ? StartingPlace::Fridge->celsius() : INF),
        );

        return [$pie->withLayer($new), $pressed ? new Statement('swap.use-prepared', ['boughtGrams' => $bought, 'preparation' => $preparation->name, 'nowGrams' => $now]) : self::use(Amount::of($now))];
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

<?php

declare(strict_types=1);

namespace App\Label;

use App\AtOven\StoredBake;
use App\Kitchen\Kitchen;
use App\Pastry\KitchenDough;
use App\Record\KeepingOfBake;
use App\Wording\Words;
use Hojaldre\Core\Label\Label;

/** A label with what this kitchen makes its doughs of. */
final readonly class KitchenLabel
{
    public static function of(Kitchen $kitchen, LabelWish $wish, Words $words): LabelAnswer
    {
        $formula = KitchenDough::formulasOf($kitchen)[$wish->design->crust->dough->id] ?? null;
        if ($wish->bake !== null && $wish->soldAs->isBaked()) {
            // what really came out counts, and not what was planned
            $bake = StoredBake::inKitchen($kitchen, $wish->bake);
            KeepingOfBake::check($bake, $wish->cooledInPortions);

            return LabelAnswer::of(Label::ofBaked($bake->pie(), $formula, $wish->soldAs, $wish->madeOn, $wish->cooledInPortions), $wish->soldAs, $words);
        }

        return LabelAnswer::of(Label::of($wish->design, $formula, $wish->soldAs, $wish->madeOn, $wish->cooledInPortions), $wish->soldAs, $words);
    }
}

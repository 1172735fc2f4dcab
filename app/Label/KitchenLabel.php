<?php

declare(strict_types=1);

namespace App\Label;

use App\Kitchen\Kitchen;
use App\Pastry\KitchenDough;
use App\Wording\Words;
use Hojaldre\Core\Label\Label;

/** A label with what this kitchen makes its doughs of. */
final readonly class KitchenLabel
{
    public static function of(Kitchen $kitchen, LabelWish $wish, Words $words): LabelAnswer
    {
        $formula = KitchenDough::formulasOf($kitchen)[$wish->design->crust->dough->id] ?? null;

        return LabelAnswer::of(Label::of($wish->design, $formula, $wish->soldAs, $wish->madeOn), $wish->soldAs, $words);
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie\WaysOut;

use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Measure\Say;
use Hojaldre\Core\Pie\AbsorbentLayer;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\Balance;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\Layer;
use Hojaldre\Core\Pie\Pie;

/** Dry crumbs strewn on the crust before anything else. */
final readonly class StrewCrumbs implements Lever
{
    public function id(): string
    {
        return 'strew-crumbs';
    }

    public function cost(): int
    {
        return 2;
    }

    public function most(Pie $pie): float
    {
        return $pie->strewn() === [] && Balance::of($pie)->looseGrams >= 5 ? 30.0 : 0.0;
    }

    public function step(Pie $pie): float
    {
        return 5.0;
    }

    public function pull(Pie $pie, float $by): Pie
    {
        return $pie->withLayers([new AbsorbentLayer($this->freeId($pie), new Ingredient(Pantry::food('dry-crumbs'), Amount::of($by)), 20.0), ...$pie->layers]);
    }

    public function act(Pie $pie, float $by): string
    {
        return sprintf('Strew %s of dry crumbs on the crust', Say::grams($by));
    }

    private function freeId(Pie $pie): string
    {
        $taken = array_map(static fn (Layer $layer): string => $layer->id(), $pie->layers);
        for ($id = 'dry-crumbs', $n = 2; in_array($id, $taken, true); $n++) {
            $id = "dry-crumbs-$n";
        }

        return $id;
    }
}

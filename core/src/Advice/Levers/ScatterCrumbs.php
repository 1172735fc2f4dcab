<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\Levers;

use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\LayerIds;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\ScatteredLayer;
use Hojaldre\Core\Statement\Statement;

/** Dry crumbs scattered on the crust before anything else. */
final readonly class ScatterCrumbs implements Lever
{
    private const CRUMBS = 'dry-crumbs';

    /** (common practice, no source) */
    private const BENCH_CELSIUS = 20.0;

    public function id(): string
    {
        return 'scatter-crumbs';
    }

    public function cost(): int
    {
        return 2;
    }

    public function most(Pie $pie): float
    {
        return $pie->scattered() === [] && Weights::of($pie)->looseGrams >= 5 ? 30.0 : 0.0;
    }

    public function step(Pie $pie): float
    {
        return 5.0;
    }

    public function pull(Pie $pie, float $by): Pie
    {
        return $pie->withLayers([new ScatteredLayer(LayerIds::free(self::CRUMBS, $pie->layers), Pantry::food(self::CRUMBS), Amount::of($by), self::BENCH_CELSIUS), ...$pie->layers]);
    }

    public function act(Pie $pie, float $by): Statement
    {
        return new Statement('act.scatter', ['amountGrams' => $by, 'food' => Pantry::food(self::CRUMBS)->name]);
    }
}

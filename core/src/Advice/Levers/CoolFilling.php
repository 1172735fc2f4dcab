<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\Levers;

use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pie\Layer;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\StartingPlace;
use Hojaldre\Core\Statement\Statement;

/** A filling that waits until it no longer melts the dough. */
final readonly class CoolFilling implements Lever
{
    public function id(): string
    {
        return 'cool-filling';
    }

    public function cost(): int
    {
        return 1;
    }

    public function most(Pie $pie): float
    {
        return $pie->layers !== [] && Weights::of($pie)->startCelsius() > self::toCelsius() ? 1.0 : 0.0;
    }

    public function step(Pie $pie): float
    {
        return 1.0;
    }

    public function pull(Pie $pie, float $by): Pie
    {
        return $pie->withLayers(array_map(static fn (Layer $layer): Layer => $layer->fromCelsius() > self::toCelsius() ? $layer->startingAt(self::toCelsius()) : $layer, $pie->layers));
    }

    public function act(Pie $pie, float $by): Statement
    {
        return new Statement('act.cool-filling', ['toCelsius' => self::toCelsius()]);
    }

    private static function toCelsius(): float
    {
        return StartingPlace::Bench->celsius();
    }
}

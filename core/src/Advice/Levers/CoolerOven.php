<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\Levers;

use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Statement\Statement;

/** A gentler oven, and longer in it by as much: edge and middle come closer together. */
final readonly class CoolerOven implements Lever
{
    public function id(): string
    {
        return 'cooler-oven';
    }

    public function cost(): int
    {
        return 2;
    }

    public function most(Pie $pie): float
    {
        return max(0.0, $pie->bake->first()->ovenCelsius - 150);
    }

    public function step(Pie $pie): float
    {
        return 10.0;
    }

    public function pull(Pie $pie, float $by): Pie
    {
        $longer = 1 + $by / 110;
        $stages = array_map(static fn (Stage $stage): Stage => $stage->with(ovenCelsius: max(120.0, $stage->ovenCelsius - $by), minutes: round($stage->minutes * $longer)), $pie->bake->stages);

        return $pie->withBake($pie->bake->withStages($stages));
    }

    public function act(Pie $pie, float $by): Statement
    {
        $gentler = $this->pull($pie, $by)->bake;

        return new Statement('act.cooler-oven', ['ovenCelsius' => $gentler->first()->ovenCelsius, 'inMinutes' => $gentler->minutes()]);
    }
}

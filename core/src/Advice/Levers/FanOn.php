<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\Levers;

use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Statement\Statement;

/** The fan, at the same heat: it carries more to the pie. */
final readonly class FanOn implements Lever
{
    public function id(): string
    {
        return 'fan-on';
    }

    public function cost(): int
    {
        return 2;
    }

    public function most(Pie $pie): float
    {
        return $pie->bake->first()->mode === OvenMode::Fan ? 0.0 : 1.0;
    }

    public function step(Pie $pie): float
    {
        return 1.0;
    }

    public function pull(Pie $pie, float $by): Pie
    {
        $stages = array_map(static fn (Stage $stage): Stage => $stage->with(mode: OvenMode::Fan), $pie->bake->stages);

        return $pie->withBake($pie->bake->withStages($stages));
    }

    public function act(Pie $pie, float $by): Statement
    {
        return new Statement('act.fan-on');
    }
}

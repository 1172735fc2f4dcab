<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\Levers;

use Hojaldre\Core\Oven\StandsOn;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Statement\Statement;

/** A hot steel or stone under the tin: the base browns first. */
final readonly class StandOnSteel implements Lever
{
    public function id(): string
    {
        return 'stand-on-steel';
    }

    public function cost(): int
    {
        return 2;
    }

    public function most(Pie $pie): float
    {
        return $pie->bake->on === StandsOn::Rack ? 1.0 : 0.0;
    }

    public function step(Pie $pie): float
    {
        return 1.0;
    }

    public function pull(Pie $pie, float $by): Pie
    {
        return $pie->withBake($pie->bake->withOn(StandsOn::Steel));
    }

    public function act(Pie $pie, float $by): Statement
    {
        return new Statement('act.stand-on-steel');
    }
}

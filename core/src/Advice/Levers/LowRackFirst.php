<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\Levers;

use Hojaldre\Core\Oven\Rack;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Statement\Statement;

/** The first stage on the lowest rack, for a base that must brown. */
final readonly class LowRackFirst implements Lever
{
    public function id(): string
    {
        return 'low-rack';
    }

    public function cost(): int
    {
        return 1;
    }

    public function most(Pie $pie): float
    {
        return $pie->bake->first()->rack === Rack::Low ? 0.0 : 1.0;
    }

    public function step(Pie $pie): float
    {
        return 1.0;
    }

    public function pull(Pie $pie, float $by): Pie
    {
        [$first, $later] = [$pie->bake->first(), array_slice($pie->bake->stages, 1)];

        return $pie->withBake($pie->bake->withStages([$first->with(rack: Rack::Low), ...$later]));
    }

    public function act(Pie $pie, float $by): Statement
    {
        return new Statement('act.low-rack');
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\Levers;

use Hojaldre\Core\Oven\Rack;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Statement\Statement;

/** Higher in the oven, where the top browns more. */
final readonly class HighRack implements Lever
{
    public function id(): string
    {
        return 'high-rack';
    }

    public function cost(): int
    {
        return 1;
    }

    public function most(Pie $pie): float
    {
        return $pie->bake->first()->rack === Rack::High ? 0.0 : 1.0;
    }

    public function step(Pie $pie): float
    {
        return 1.0;
    }

    public function pull(Pie $pie, float $by): Pie
    {
        return $pie->withBake($pie->bake->withStages(array_map(static fn (Stage $stage): Stage => $stage->with(rack: Rack::High), $pie->bake->stages)));
    }

    public function act(Pie $pie, float $by): Statement
    {
        return new Statement('act.high-rack');
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\Levers;

use Hojaldre\Core\Oven\BakePlan;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Statement\Statement;

/** Foil laid loosely over it for the last part of the bake. */
final readonly class TentLast implements Lever
{
    private function last(Pie $pie): Stage
    {
        return $pie->bake->stages[count($pie->bake->stages) - 1];
    }

    public function id(): string
    {
        return 'tent';
    }

    public function cost(): int
    {
        return 1;
    }

    public function most(Pie $pie): float
    {
        return $this->last($pie)->tent || count($pie->bake->stages) >= BakePlan::MOST_STAGES ? 0.0 : floor($this->last($pie)->minutes - 1);
    }

    public function step(Pie $pie): float
    {
        return 5.0;
    }

    public function pull(Pie $pie, float $by): Pie
    {
        $last = $this->last($pie);

        return $pie->withBake($pie->bake->withStages([
            ...array_slice($pie->bake->stages, 0, -1), $last->with(minutes: $last->minutes - $by), $last->with(minutes: $by, tent: true),
        ]));
    }

    public function act(Pie $pie, float $by): Statement
    {
        return new Statement('act.tent', ['fromMinutes' => $pie->bake->minutes() - $by]);
    }
}

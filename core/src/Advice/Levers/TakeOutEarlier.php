<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\Levers;

use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Statement\Statement;

/** Fewer minutes, but never fewer than it needs to be safe: the search asks every reading. */
final readonly class TakeOutEarlier implements Lever
{
    public function id(): string
    {
        return 'take-out-earlier';
    }

    public function cost(): int
    {
        return 1;
    }

    public function most(Pie $pie): float
    {
        return max(0.0, floor($pie->bake->stages[count($pie->bake->stages) - 1]->minutes) - 1);
    }

    public function step(Pie $pie): float
    {
        return 1.0;
    }

    public function pull(Pie $pie, float $by): Pie
    {
        return $pie->withBake($pie->bake->withMinutes($pie->bake->minutes() - $by));
    }

    public function act(Pie $pie, float $by): Statement
    {
        return new Statement('act.out-earlier', ['lessMinutes' => $by, 'outMinutes' => $pie->bake->minutes() - $by]);
    }
}

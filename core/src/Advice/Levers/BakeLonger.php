<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\Levers;

use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Statement\Statement;

/** More minutes. Never more heat: that browns the crust over a raw filling. */
final readonly class BakeLonger implements Lever
{
    /** A limit of ours (definition). */
    private const MOST_MINUTES = 240.0;

    public function id(): string
    {
        return 'bake-longer';
    }

    public function cost(): int
    {
        return 1;
    }

    public function most(Pie $pie): float
    {
        return max(0.0, self::MOST_MINUTES - ceil($pie->bake->minutes()));
    }

    public function step(Pie $pie): float
    {
        return 1.0;
    }

    public function pull(Pie $pie, float $by): Pie
    {
        return $pie->withBake($pie->bake->withMinutes($pie->bake->minutes() + $by));
    }

    public function act(Pie $pie, float $by): Statement
    {
        return new Statement('act.bake-longer', ['moreMinutes' => $by, 'outMinutes' => $pie->bake->minutes() + $by]);
    }
}

<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\Levers;

use Hojaldre\Core\Pie\Pie;

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
        return $pie->bake->on === 'rack' ? 1.0 : 0.0;
    }

    public function step(Pie $pie): float
    {
        return 1.0;
    }

    public function pull(Pie $pie, float $by): Pie
    {
        return $pie->withBake($pie->bake->withOn('steel'));
    }

    public function act(Pie $pie, float $by): string
    {
        return 'Stand it on a hot steel or stone';
    }
}
